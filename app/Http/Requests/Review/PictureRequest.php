<?php

declare(strict_types=1);

namespace App\Http\Requests\Review;

use App\Http\Requests\ApiRequest;
use App\Photos\SmallPicture;

/** A picture, as base64. */
class PictureRequest extends ApiRequest
{
    /** 12 MB, and what base64 makes of it. */
    private const LONGEST = 17_000_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['picture' => ['required', 'string', 'max:'.self::LONGEST]];
    }

    /** @throws \Hovik\Core\InvalidInput */
    public function jpeg(): string
    {
        return SmallPicture::of($this->string('picture')->toString());
    }
}
