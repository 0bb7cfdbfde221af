<?php

declare(strict_types=1);

namespace App\Http\AtHome\Requests;

use App\Models\Client;
use App\Models\HomePage;
use Illuminate\Foundation\Http\FormRequest;

/** What a client's phone sends: the page that it belongs to was found by its key before this is read. */
abstract class HomeRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->attributes->get(HomePage::class) instanceof HomePage;
    }

    public function page(): HomePage
    {
        $page = $this->attributes->get(HomePage::class);
        abort_unless($page instanceof HomePage, 401);

        return $page;
    }

    public function client(): Client
    {
        return $this->page()->client;
    }

    protected function whole(string $key): ?int
    {
        return $this->filled($key) ? $this->integer($key) : null;
    }

    protected function text(string $key): ?string
    {
        return $this->filled($key) ? $this->string($key)->trim()->value() : null;
    }
}
