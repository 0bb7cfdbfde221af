<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Gate\Asked;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Gate;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Vocabulary\Sign;

/**
 * The check before a session as rows, for a phone that works nothing out: every answer is put to the gate, alone and
 * with whatever else changes what it says, and where its words change a row begins. Whoever looks the answers up and
 * takes the most cautious row has what the gate says.
 *
 * @phpstan-import-type Answers from Probe
 */
final class GateTable
{
    /** Said by the second look, never by itself. */
    private const REPEAT = 'repeat';

    /** What is read lying, and again standing. */
    private const FALLS = ['sbp' => 'sbp_standing', 'dbp' => 'dbp_standing'];

    /** No fall is looked for beyond this, mmHg. */
    private const FAR = 30;

    /** So many places of a scale, and five steps at most on a short one, are heard beside every other answer. */
    private const PLACES = 100;

    /** @var array<string, Field> */
    private array $fields = [];

    /** @var array<string, list<int>> by field */
    private array $samples = [];

    /** @var Answers what says nothing by itself, of every field */
    private array $well = [];

    private function __construct(private readonly Probe $probe, private readonly Asked $asked)
    {
        foreach ($asked->numbers as $vital) {
            $this->fields[$vital->value] = Field::number($vital);
        }
        foreach ($asked->seen as $seen) {
            $this->fields[$seen->value] = Field::seen($seen);
        }
        foreach ($this->fields as $name => $field) {
            $this->well[$name] = $this->quiet($field);
        }
    }

    /**
     * @param  list<string>  $openStopSigns  red flags that nobody has cleared, in words
     * @param  list<array{on: string, kg: float}>  $weights  of the days before
     * @return list<GateRow> the most cautious first
     */
    public static function of(Gate $gate, Envelope $envelope, array $openStopSigns = [], array $weights = []): array
    {
        $table = new self(new Probe($gate, $openStopSigns, $weights), Asked::of($envelope));
        $rows = [...$table->always(), ...$table->signs(), ...$table->open(), ...$table->falls()];
        foreach ($table->fields as $field) {
            array_push($rows, ...$table->rowsOf($field));
        }
        usort($rows, static fn (GateRow $a, GateRow $b): int => $b->verdict->rank() <=> $a->verdict->rank());

        return $rows;
    }

    /** @return list<GateRow> what is said whatever is answered */
    private function always(): array
    {
        $always = array_intersect_key($this->probe->says($this->well), $this->probe->says([]));

        return array_map(static fn (Finding $f): GateRow => self::row([], $f), array_values($always));
    }

    /** @return list<GateRow> */
    private function signs(): array
    {
        $said = [];
        foreach ($this->asked->signs as $sign) {
            foreach ($this->probe->adds([...$this->well, 'signs' => [$sign]], $this->well) as $key => $finding) {
                $said[$key] ??= [$finding, []];
                $said[$key][1][] = $sign->value;
            }
        }

        return array_values(array_map(
            static fn (array $one): GateRow => self::row([When::any($one[1])], $one[0]), $said,
        ));
    }

    /** @return list<GateRow> what was asked for and left open */
    private function open(): array
    {
        $rows = [];
        foreach (array_keys($this->fields) as $name) {
            foreach ($this->probe->adds(array_diff_key($this->well, [$name => true]), $this->well) as $finding) {
                $rows[] = self::row([When::open($name)], $finding);
            }
        }

        return $rows;
    }

    /** @return list<GateRow> */
    private function rowsOf(Field $field): array
    {
        $said = [];
        $modifiers = $this->modifiers($field);
        foreach (self::contexts($modifiers) as $context) {
            foreach ($this->stretches($field, $context) as [$from, $to, $findings]) {
                foreach ($findings as $key => $finding) {
                    $at = serialize([$key, $from, $to]);
                    $said[$at] ??= ['when' => $field->between($from, $to), 'finding' => $finding, 'in' => []];
                    $said[$at]['in'][] = $context;
                }
            }
        }
        $rows = [];
        foreach ($said as ['when' => $when, 'finding' => $finding, 'in' => $contexts]) {
            foreach (Context::fewest($contexts, $modifiers) as $context) {
                $rows[] = self::row([$when, ...$context->conditions()], $finding);
            }
        }

        return $rows;
    }

    /**
     * Stretches of answers to which the gate says the same, where it says anything. Heard at the sample, and between
     * two of it that differ at every answer.
     *
     * @return list<array{bool|float, bool|float, array<string, Finding>}>
     */
    private function stretches(Field $field, Context $context): array
    {
        $all = [];
        [$from, $to, $said] = [null, null, []];
        foreach ($this->heardAt($field, $context) as $i => $findings) {
            if ($from === null || ! $field->isNumber() || array_keys($findings) !== array_keys($said)) {
                $all[] = [$from, $to, $said];
                [$from, $said] = [$field->answers[$i], $findings];
            }
            $to = $field->answers[$i];
        }
        $speaks = [];
        foreach ([...$all, [$from, $to, $said]] as [$from, $to, $said]) {
            if ($from !== null && $to !== null && $said !== []) {
                $speaks[] = [$from, $to, $said];
            }
        }

        return $speaks;
    }

    /** @return array<int, array<string, Finding>> by the place of the answer, ascending */
    private function heardAt(Field $field, Context $context): array
    {
        $at = fn (int $i): array => $this->addedBy($field, $field->answers[$i], $context);
        $heard = [];
        $before = null;
        foreach ($this->sample($field) as $i) {
            $now = $at($i);
            if ($before !== null && array_keys($now) !== array_keys($heard[$before])) {
                for ($between = $before + 1; $between < $i; $between++) {
                    $heard[$between] = $at($between);
                }
            }
            $heard[$i] = $now;
            $before = $i;
        }

        return $heard;
    }

    /** @return array<string, Finding> what the gate says because of this answer, where all else is as in the context */
    private function addedBy(Field $field, bool|float $answer, Context $context): array
    {
        $others = $context->answers($this->well);

        return $this->probe->adds([...$others, $field->name => $answer], $others);
    }

    /**
     * @param  list<non-empty-list<State>>  $modifiers
     * @return list<Context> all combinations of their states
     */
    private static function contexts(array $modifiers): array
    {
        $contexts = [new Context];
        foreach ($modifiers as $states) {
            $more = [];
            foreach ($contexts as $context) {
                foreach ($states as $state) {
                    $more[] = $context->with($state);
                }
            }
            $contexts = $more;
        }

        return $contexts;
    }

    /** @return list<non-empty-list<State>> what changes what the gate says to this field, each with all its states */
    private function modifiers(Field $field): array
    {
        $sample = $this->sample($field);
        $plain = $this->heard($field, $sample, new Context);
        $matters = fn (State $state): bool => $this->heard($field, $sample, (new Context)->with($state)) !== $plain;
        $modifiers = [];
        if ($matters(State::is(self::REPEAT, true))) {
            $modifiers[] = [State::is(self::REPEAT, false), State::is(self::REPEAT, true)];
        }
        foreach ($this->fields as $name => $other) {
            $states = $other->isNumber() ? [State::open($name), State::told($name)]
                : [State::open($name), State::is($name, false), State::is($name, true)];
            if (! self::isOneReading($name, $field->name) && array_filter($states, $matters) !== []) {
                $modifiers[] = $states;
            }
        }
        foreach ($this->signsThatMatter($field, $sample, $plain) as $signs) {
            $modifiers[] = [State::none($signs), State::any($signs)];
        }

        return $modifiers;
    }

    /** The figures of a blood pressure are read at once: the gate takes the worse of them, and what falls by itself. */
    private static function isOneReading(string $one, string $other): bool
    {
        $pressure = [...array_keys(self::FALLS), ...array_values(self::FALLS)];

        return $one === $other || array_diff([$one, $other], $pressure) === [];
    }

    /** @return list<GateRow> what is said where one number lies so far below another */
    private function falls(): array
    {
        $rows = [];
        foreach (self::FALLS as $lying => $standing) {
            if (isset($this->fields[$lying], $this->fields[$standing])) {
                array_push($rows, ...$this->fallsFrom($lying, $standing));
            }
        }

        return $rows;
    }

    /** @return list<GateRow> */
    private function fallsFrom(string $lying, string $standing): array
    {
        $from = $this->well[$lying];
        if (! is_float($from)) {
            return [];
        }
        $said = function (int $by, Context $in) use ($from, $lying, $standing): array {
            $level = [...$in->answers($this->well), $lying => $from, $standing => $from];

            return $this->probe->adds([...$level, $standing => $from - $by], $level);
        };
        $plain = array_keys($said(self::FAR, new Context));
        $matter = array_values(array_filter(
            $this->asked->signs, static fn (Sign $s): bool => array_keys(
                $said(self::FAR, (new Context)->with(State::any([$s]))),
            ) !== $plain,
        ));
        $contexts = $matter === [] ? [new Context]
            : [(new Context)->with(State::none($matter)), (new Context)->with(State::any($matter))];
        $rows = [];
        foreach ($contexts as $context) {
            $known = [];
            for ($by = 1; $by <= self::FAR; $by++) {
                foreach (array_diff_key($said($by, $context), $known) as $key => $finding) {
                    $known[$key] = true;
                    $rows[] = self::row([When::below($standing, $lying, $by), ...$context->conditions()], $finding);
                }
            }
        }

        return $rows;
    }

    /**
     * Signs that change what the gate says to this field, those that change it alike together.
     *
     * @param  list<int>  $sample
     * @return list<list<Sign>>
     */
    private function signsThatMatter(Field $field, array $sample, string $plain): array
    {
        if ($this->asked->signs === []
            || $this->heard($field, $sample, (new Context)->with(State::any($this->asked->signs))) === $plain) {
            return [];
        }
        $alike = [];
        foreach ($this->asked->signs as $sign) {
            $heard = $this->heard($field, $sample, (new Context)->with(State::any([$sign])));
            if ($heard !== $plain) {
                $alike[md5($heard)][] = $sign;
            }
        }

        return array_values($alike);
    }

    /** @param  list<int>  $sample */
    private function heard(Field $field, array $sample, Context $context): string
    {
        return implode("\n", array_map(
            fn (int $i): string => implode(' ', array_keys($this->addedBy($field, $field->answers[$i], $context))),
            $sample,
        ));
    }

    /** @return list<int> the places of the ends of each stretch of a field by itself, and of some between */
    private function sample(Field $field): array
    {
        return $this->samples[$field->name] ??= $this->sampled($field);
    }

    /** @return list<int> */
    private function sampled(Field $field): array
    {
        $last = count($field->answers) - 1;
        $stride = max(5, intdiv($last, self::PLACES));
        $sample = [0 => true, $last => true];
        $said = null;
        foreach ($field->answers as $i => $answer) {
            $key = implode("\n", array_keys($this->addedBy($field, $answer, new Context)));
            if ($key !== $said) {
                $sample[max(0, $i - 1)] = $sample[$i] = true;
            } elseif ($i % $stride === 0) {
                $sample[$i] = true;
            }
            $said = $key;
        }
        ksort($sample);

        return array_keys($sample);
    }

    /** The middle of the longest stretch of answers to which nothing is said, or the least that is. */
    private function quiet(Field $field): bool|float
    {
        $runs = [];
        $last = null;
        foreach ($field->answers as $answer) {
            $findings = $this->probe->adds([$field->name => $answer], []);
            $key = implode("\n", array_keys($findings));
            if ($key !== $last) {
                $runs[] = ['says' => [self::worst($findings), count($findings)], 'answers' => []];
            }
            $runs[count($runs) - 1]['answers'][] = $answer;
            $last = $key;
        }
        usort($runs, static fn (array $a, array $b): int => [...$a['says'], -count($a['answers'])]
            <=> [...$b['says'], -count($b['answers'])]);

        return $runs[0]['answers'][intdiv(count($runs[0]['answers']), 2)] ?? $field->answers[0];
    }

    /** @param  array<string, Finding>  $findings */
    private static function worst(array $findings): int
    {
        return max([0, ...array_map(static fn (Finding $f): int => $f->verdict->rank(), array_values($findings))]);
    }

    /** @param  list<When>  $if */
    private static function row(array $if, Finding $finding): GateRow
    {
        return new GateRow($if, $finding->verdict, $finding->rule, $finding->againInMinutes, $finding->do);
    }
}
