<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli;

use BuoyantStep\Core\Cli\Verbs\BandVerb;
use BuoyantStep\Core\Cli\Verbs\ConditionsVerb;
use BuoyantStep\Core\Cli\Verbs\DraftVerb;
use BuoyantStep\Core\Cli\Verbs\E1rmVerb;
use BuoyantStep\Core\Cli\Verbs\EstimateVerb;
use BuoyantStep\Core\Cli\Verbs\FindVerb;
use BuoyantStep\Core\Cli\Verbs\GateVerb;
use BuoyantStep\Core\Cli\Verbs\JudgeVerb;
use BuoyantStep\Core\Cli\Verbs\LimbVerb;
use BuoyantStep\Core\Cli\Verbs\LimitsVerb;
use BuoyantStep\Core\Cli\Verbs\LoadsVerb;
use BuoyantStep\Core\Cli\Verbs\MeasuresVerb;
use BuoyantStep\Core\Cli\Verbs\NextVerb;
use BuoyantStep\Core\Cli\Verbs\PushUpVerb;
use BuoyantStep\Core\Cli\Verbs\SymptomsVerb;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\MassUnit;
use BuoyantStep\Core\Units\Phrase;
use stdClass;
use Throwable;

/** JSON in, JSON out. Exit 0: an answer. Exit 2: the input is wrong, and the answer says where and why. */
final class CommandLine
{
    /** A kit or a history that is larger than this is a mistake, not a client. */
    public const MAX_BYTES = 4_000_000;

    /**
     * @param  list<string>  $arguments  without the program's name
     * @param  callable(): string  $stdin  read only when a verb needs it
     * @return array{int, string} exit code and what to print
     */
    public static function run(array $arguments, callable $stdin): array
    {
        if ($arguments === []) {
            return [0, self::listing()];
        }
        try {
            return [0, self::dispatch($arguments, $stdin)];
        } catch (CoreError $e) {
            return [2, self::error($e->errorCode, $e->getMessage(), $e->pointer)];
        } catch (Throwable) {
            return [2, self::error('internal', 'This input could not be handled. Nothing was computed.', '')];
        }
    }

    private static function error(string $code, string $message, string $pointer): string
    {
        return self::encode(new Answer(['error' => ['code' => $code, 'message' => $message, 'pointer' => $pointer]]));
    }

    /** @return list<Verb> */
    public static function verbs(): array
    {
        return [
            new E1rmVerb, new EstimateVerb, new LoadsVerb, new BandVerb, new LimbVerb, new PushUpVerb,
            new FindVerb, new LimitsVerb, new JudgeVerb, new GateVerb, new MeasuresVerb, new NextVerb,
            new DraftVerb, new ConditionsVerb, new SymptomsVerb,
        ];
    }

    /**
     * @param  list<string>  $arguments
     * @param  callable(): string  $stdin
     */
    private static function dispatch(array $arguments, callable $stdin): string
    {
        $verb = self::verb($arguments[0]);
        if (($arguments[1] ?? null) === '--schema') {
            return Schemas::text($verb->name());
        }
        if (isset($arguments[1])) {
            throw InvalidInput::at(
                '',
                sprintf('"%s" is not an option; there is only --schema.', mb_substr($arguments[1], 0, 40)),
                'unknown_option',
            );
        }
        if ($verb instanceof ConditionsVerb || $verb instanceof SymptomsVerb) {
            return self::encode($verb->answer(new Bag([])));
        }
        $text = $stdin();
        if (strlen($text) > self::MAX_BYTES) {
            throw InvalidInput::at('', 'The input is larger than 4 MB.', 'too_large');
        }
        $object = json_decode($text);
        if (! $object instanceof stdClass) {
            throw InvalidInput::at(
                '',
                json_last_error() === JSON_ERROR_NONE
                    ? 'The input must be one JSON object.'
                    : 'The input is not valid JSON: '.Phrase::within(json_last_error_msg()).'.',
                'invalid_json',
            );
        }
        Schemas::check($verb->name(), $object);

        return self::encode($verb->answer(Bag::decode($text)));
    }

    private static function verb(string $name): Verb
    {
        foreach (self::verbs() as $verb) {
            if ($verb->name() === $name) {
                return $verb;
            }
        }

        throw UnknownCode::of('verb', $name, array_map(static fn (Verb $v): string => $v->name(), self::verbs()));
    }

    private static function listing(): string
    {
        $lines = ['php bin/buoy VERB < input.json     php bin/buoy VERB --schema', ''];
        foreach (self::verbs() as $verb) {
            $lines[] = sprintf('  %-11s %s', $verb->name(), $verb->about());
        }

        return implode("\n", $lines)."\n";
    }

    private static function encode(Answer $answer): string
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION
            | JSON_INVALID_UTF8_SUBSTITUTE;

        return MassUnit::Kilogram->render(json_encode($answer, $flags))."\n";
    }
}
