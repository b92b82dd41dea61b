<?php

declare(strict_types=1);

namespace App\Http\Requests\Classes;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Lab\OtherWay;
use Illuminate\Validation\Rule;

final class WaysRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['ways' => ['present', 'array', 'list'], 'ways.*' => ['distinct', Rule::enum(OtherWay::class)]];
    }

    /** @return list<OtherWay> in their own order */
    public function ways(): array
    {
        return array_values(array_filter(
            OtherWay::cases(), fn (OtherWay $way): bool => in_array($way->value, $this->texts('ways'), true),
        ));
    }
}
