<?php

declare(strict_types=1);

namespace Tests\Feature\Support;

use App\Http\AtHome\Requests\HomeRequest;
use App\Http\Clinic\Requests\ClinicRequest;
use App\Models\Client;
use App\Models\HomePage;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\MessageBag;

/** What a form says of one field alone, as somebody of this clinic sends it. */
final class Forms
{
    /** A name of the server's, or the framework's own sentence. */
    public const SERVERS_WORDS = '/\.\d+\.|^The .* field |^The selected |^validation\./';

    private ?Client $client = null;

    public function __construct(private readonly Scene $scene)
    {
    }

    /**
     * @param  class-string<ClinicRequest|HomeRequest>  $form
     * @param  array<string, mixed>  $with
     */
    public function faults(
        string $form, string $field, mixed $value, array $with = [], string $method = 'POST',
    ): MessageBag {
        $data = $with;
        Arr::set($data, $field, $value);
        $request = $form::create('/x', $method, $data);
        $request->setContainer(app())->setUserResolver(fn () => $this->scene->user);
        if ($request instanceof HomeRequest) {
            $page = (new HomePage)->setRelation('client', $this->client ??= $this->scene->client());
            $request->attributes->set(HomePage::class, $page);
        }

        return Validator::make($data, $request->rules(), $request->messages())->errors();
    }

    /**
     * What is said of the field, nothing where it is taken.
     *
     * @param  class-string<ClinicRequest|HomeRequest>  $form
     * @param  array<string, mixed>  $with
     */
    public function says(string $form, string $field, mixed $value, array $with = []): string
    {
        return (string) $this->faults($form, $field, $value, $with)->first($field);
    }

    /**
     * What the rules see of a field that was typed.
     *
     * @param  class-string<ClinicRequest>  $form
     */
    public function typed(string $form, string $field, string $typed): mixed
    {
        $data = [];
        Arr::set($data, $field, $typed);
        $request = $form::create('/x', 'POST', $data);
        (fn () => $this->prepareForValidation())->call($request);

        return Arr::get($request->all(), $field);
    }
}
