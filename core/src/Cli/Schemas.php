<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Units\Phrase;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use stdClass;

/** The input schemas of the verbs: printed by --schema and used to check every input, so the two cannot differ. */
final class Schemas
{
    private const BASE = 'https://schema.buoyant-step.invalid/verbs/';

    private static function folder(): string
    {
        return dirname(__DIR__, 2).'/schema/verbs';
    }

    public static function text(string $verb): string
    {
        return (string) file_get_contents(self::folder()."/$verb.json");
    }

    /** @throws InvalidInput at the first field that does not fit */
    public static function check(string $verb, stdClass $input): void
    {
        $validator = new Validator;
        $validator->setMaxErrors(1);
        $validator->setStopAtFirstError(true);
        $validator->resolver()?->registerPrefix(self::BASE, self::folder());
        $error = $validator->validate($input, self::BASE."$verb.json")->error();
        if ($error !== null) {
            throw self::explain(self::deepest($error));
        }
    }

    private static function deepest(ValidationError $error): ValidationError
    {
        $first = $error->subErrors()[0] ?? null;

        return $first instanceof ValidationError ? self::deepest($first) : $error;
    }

    private static function explain(ValidationError $error): InvalidInput
    {
        $args = $error->args();
        $path = $error->data()->fullPath();
        $list = static fn (string $key): array => array_values(
            array_filter((array) ($args[$key] ?? []), is_string(...)),
        );
        if ($error->keyword() === 'required') {
            $field = $list('missing')[0] ?? '';

            return InvalidInput::at(
                self::pointer([...$path, $field]), sprintf('"%s" is missing.', $field), 'missing_field',
            );
        }
        if ($error->keyword() === 'additionalProperties' || $error->keyword() === 'unevaluatedProperties') {
            $field = $list('properties')[0] ?? '';

            return InvalidInput::at(
                self::pointer([...$path, $field]), sprintf('"%s" is not a field here.', $field), 'unknown_field',
            );
        }
        $name = $path === [] ? 'The input' : '"'.implode('/', $path).'"';
        $data = $error->schema()->info()->data();
        $schema = $data instanceof stdClass ? $data : new stdClass;
        $message = match ($error->keyword()) {
            'type' => sprintf('must be %s', self::types($args['expected'] ?? '')),
            'enum' => 'must be one of: '.implode(
                ', ', array_map(strval(...), array_filter((array) ($schema->enum ?? []), is_scalar(...))),
            ),
            'minimum', 'exclusiveMinimum', 'maximum', 'exclusiveMaximum' => self::range($schema),
            'minLength' => 'must not be empty',
            'pattern', 'format' => 'must be a date such as 2026-11-25',
            'maxItems' => sprintf('has too many entries; %s at most', self::plain($schema->maxItems ?? 0)),
            'minItems' => 'needs at least one entry',
            'oneOf', 'anyOf' => 'does not fit any of the allowed forms',
            default => Phrase::within($error->message()),
        };

        return InvalidInput::at(self::pointer($path), sprintf('%s %s.', $name, $message));
    }

    private static function types(mixed $expected): string
    {
        $words = [
            'integer' => 'a whole number', 'number' => 'a number', 'string' => 'a text', 'object' => 'an object',
            'array' => 'a list', 'boolean' => 'true or false', 'null' => 'null',
        ];
        $names = array_map(
            static fn (mixed $t): string => $words[is_string($t) ? $t : ''] ?? 'of another kind',
            is_array($expected) ? $expected : [$expected],
        );

        return implode(' or ', $names);
    }

    private static function range(stdClass $schema): string
    {
        $min = $schema->minimum ?? null;
        $max = $schema->maximum ?? null;

        return match (true) {
            $min !== null && $max !== null => sprintf('must be from %s to %s', self::plain($min), self::plain($max)),
            $min !== null => sprintf('must be %s or more', self::plain($min)),
            default => sprintf('must be %s or less', self::plain($max)),
        };
    }

    private static function plain(mixed $n): string
    {
        return is_int($n) || is_float($n) ? (string) $n : '';
    }

    /** @param  array<array-key, mixed>  $path */
    private static function pointer(array $path): string
    {
        $pointer = '';
        foreach ($path as $part) {
            $pointer .= '/'.str_replace(['~', '/'], ['~0', '~1'], is_scalar($part) ? (string) $part : '');
        }

        return $pointer;
    }
}
