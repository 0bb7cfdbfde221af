<?php

declare(strict_types=1);

namespace App\Letters;

use App\Models\Client;
use App\Models\Clinic;
use App\Models\LetterKind;
use App\Models\LetterTemplate;
use App\Models\User;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;

/**
 * The words of a clinic's template with what the record says in its fields. A field that the record leaves empty goes.
 */
final class DraftLetter
{
    public function __construct(private readonly ReadStatements $statements)
    {
    }

    public static function template(Clinic $clinic, LetterKind $kind): string
    {
        return LetterTemplate::query()->where('clinic_id', $clinic->id)->where('kind', $kind->value)->first()->body
            ?? trim(self::standard($kind));
    }

    public static function standard(LetterKind $kind): string
    {
        $words = __('letters.'.$kind->value);

        return is_string($words) ? $words : '';
    }

    /** @return list<string> fields in braces that there are none of */
    public static function unknown(string $template): array
    {
        preg_match_all('/\{([^{}\n]*)\}/', $template, $found);

        return array_values(array_unique(array_filter(
            $found[1], static fn (string $name): bool => Field::tryFrom($name) === null,
        )));
    }

    /** @return array{body: string, facts: list<array{says: string, at: string, path: string}>, empty: list<string>} */
    public function of(LetterKind $kind, Client $client, Situation $situation, User $by, ?string $recipient): array
    {
        $facts = $empty = [];
        $frame = self::frame($client, $by, $situation->on, $recipient);
        $lines = [];
        foreach (explode("\n", self::template($client->clinic, $kind)) as $line) {
            $filled = $this->line($line, $client, $situation, $frame, $facts, $empty);
            if ($filled !== null) {
                $lines[] = $filled;
            }
        }
        $unit = $client->massUnit();

        return [
            'body' => $unit->render(self::tidied($lines)),
            'facts' => array_map(static fn (Statement $s): array => [
                'says' => $unit->render($s->says), 'at' => $s->at, 'path' => $s->path,
            ], $facts),
            'empty' => array_values(array_unique($empty)),
        ];
    }

    /**
     * @param  array<string, string>  $frame
     * @param  list<Statement>  $facts
     * @param  list<string>  $empty
     */
    private function line(
        string $line,
        Client $client,
        Situation $situation,
        array $frame,
        array &$facts,
        array &$empty,
    ): ?string {
        $had = $got = 0;
        $filled = preg_replace_callback('/\{([a-z]+)\}/', function (array $m) use (
            $client, $situation, $frame, &$facts, &$empty, &$had, &$got,
        ): string {
            $field = Field::tryFrom($m[1]);
            if ($field === null) {
                return $m[0];
            }
            $had++;
            if (isset($frame[$field->value])) {
                $got += $frame[$field->value] === '' ? 0 : 1;

                return $frame[$field->value];
            }
            $says = $this->statements->of($field, $client, $situation);
            if ($says === []) {
                $empty[] = $field->label();

                return '';
            }
            $got++;
            array_push($facts, ...$says);

            return implode("\n", array_map(static fn (Statement $s): string => $s->says, $says));
        }, $line);

        // A line that holds nothing but what the record leaves empty goes.
        return $had > 0 && $got === 0 ? null : (string) $filled;
    }

    /**
     * A heading with nothing below it goes as well: a line without a full stop, before an empty line or the end.
     *
     * @param  list<string>  $lines
     */
    private static function tidied(array $lines): string
    {
        $paragraphs = preg_split('/\n{2,}/', implode("\n", $lines)) ?: [];

        return implode("\n\n", array_filter(
            array_map(trim(...), $paragraphs),
            static fn (string $p): bool => $p !== '' && ! (str_starts_with($p, '# ') && ! str_contains($p, "\n")),
        ));
    }

    /** @return array<string, string> */
    private static function frame(Client $client, User $by, Day $on, ?string $recipient): array
    {
        $clinic = $client->clinic;

        return [
            Field::Client->value => $client->name().', born '.Day::of($client->birth_date)->label(),
            Field::Today->value => $on->label(),
            Field::Author->value => $by->name,
            Field::Clinic->value => implode(', ', array_filter([$clinic->name, $clinic->address, $clinic->phone])),
            Field::Recipient->value => $recipient ?? '',
        ];
    }
}
