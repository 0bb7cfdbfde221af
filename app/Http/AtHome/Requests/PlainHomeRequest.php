<?php

declare(strict_types=1);

namespace App\Http\AtHome\Requests;

/** One with little in it: where it is used says what. */
final class PlainHomeRequest extends HomeRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [];
    }
}
