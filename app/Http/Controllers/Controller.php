<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use OpenApi\Attributes as OA;

#[OA\OpenApi(openapi: '3.1.0')]
#[OA\Info(version: '1.0.0', title: 'Hovik', description: 'What the screens ask of the server. Same origin, session cookie; state-changing calls carry the XSRF-TOKEN cookie back as X-XSRF-TOKEN.')]
#[OA\Schema(schema: 'Problem', required: ['message'], properties: [
    new OA\Property(property: 'message', type: 'string', description: 'One plain sentence for the person.'),
    new OA\Property(property: 'reason', type: 'string'),
    new OA\Property(property: 'errors', type: 'object', description: 'By field.', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
])]
#[OA\Response(response: 'SignedOut', description: 'Nobody is signed in, or the session ended.', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
#[OA\Response(response: 'NotYours', description: 'It belongs to another class, station or teacher.', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
#[OA\Response(response: 'Refused', description: 'Fine to ask, but not now.', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
#[OA\Response(response: 'Invalid', description: 'A field cannot be used.', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
#[OA\Response(response: 'NotFound', description: 'There is no such thing.', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
#[OA\Response(response: 'TooMany', description: 'Too many tries.', content: new OA\JsonContent(ref: '#/components/schemas/Problem'))]
abstract class Controller
{
}
