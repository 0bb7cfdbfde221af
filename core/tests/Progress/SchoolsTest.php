<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Schools;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Progression;
use BuoyantStep\Core\Progress\Proposal;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Progress\Schools\RepsThenLoad;
use BuoyantStep\Core\Progress\Schools\SecondsGrow;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\DoseKind;

require_once __DIR__.'/helpers.php';

/** Sessions of another kind of counting than reps: steps or trips, with a load. */
function walkedAgo(int $ago, string $kind, int $amount, ?int $loadG = 5000): array
{
    $set = array_filter(
        [$kind => $amount, 'effort' => 6, 'load_g' => $loadG], static fn (mixed $v): bool => $v !== null,
    );

    return ['date' => (string) Day::of(Made::TODAY)->plus(-$ago), 'sets' => [$set, $set]];
}

describe('reps, then load', function (): void {
    it('takes a step of just ten percent and bridges one that is a gram more', function (
        int $next, string $lever,
    ): void {
        expect(proposed([doneAgo(5), doneAgo(2)], [5000, $next])->lever?->value)->toBe($lever);
    })->with([[5500, 'load'], [5501, 'reps']]);

    it('takes the heaviest load within a step, or the heaviest there is when none is one', function (
        array $ladder, int $next,
    ): void {
        expect(proposed([doneAgo(5), doneAgo(2)], $ladder)->dose->loadG)->toBe($next);
    })->with([
        'ten grams apart' => [[5000, 5010, 5020, 5090, 5100, 5200, 5300], 5300],
        'all of the step' => [[5000, 5100, 5500], 5500],
        'a gram more than the step' => [[5000, 5100, 5501], 5100],
        'a bridge rather than no step' => [[5000, 5099, 5501], 5000],
        'nothing else' => [[5000, 5010, 5020], 5020],
    ]);

    it('says the step in percent, to a tenth', function (): void {
        $because = proposed([doneAgo(5), doneAgo(2)], [5000, 5230])->because;
        expect(end($because)->says)->toBe(Made::said('Next load here 5.23 kg, +4.6 %: within the step of 10 %.'));
    });

    it('holds a limb with lymphedema to steps of five percent', function (int $next, string $rule): void {
        $client = ['conditions' => [['code' => 'lymphedema', 'detail' => ['arms', 'legs']]]];
        $four = [doneAgo(11), doneAgo(8), doneAgo(5), doneAgo(2)];
        expect(
            array_map(static fn ($r): string => $r->rule, proposed($four, [5000, $next], $client)->because),
        )->toContain($rule)
            ->and(proposed(array_slice($four, 1), [5000, $next], $client)->decision)->toBe(Decision::Stay);
    })->with([[5250, 'step.load'], [5251, 'bridge']]);

    it('takes the next load at its cap and none over it', function (int $next, Decision $decision): void {
        $client = ['conditions' => [['code' => 'hernia', 'detail' => 'lift_g:5200']]];
        expect(proposed([doneAgo(5), doneAgo(2)], [5000, $next], $client)->decision)->toBe($decision);
    })->with([[5200, Decision::StepUp], [5201, Decision::Stay]]);

    it('does not ease for one short session, nor for two that reach the bottom of the range', function (
        array $history, Decision $decision,
    ): void {
        expect(proposed($history)->decision)->toBe($decision);
    })->with([
        'one short' => [[doneAgo(2, 7)], Decision::Stay],
        'short, then not' => [[doneAgo(5, 7), doneAgo(2, 8)], Decision::Stay],
        'not, then short' => [[doneAgo(5, 8), doneAgo(2, 7)], Decision::Stay],
        'twice at the bottom' => [[doneAgo(5, 8), doneAgo(2, 8)], Decision::Stay],
        'twice short' => [[doneAgo(5, 7), doneAgo(2, 7)], Decision::Ease],
    ]);

    it('says what would step it up while it waits', function (): void {
        expect(proposed([doneAgo(2)])->otherwise)->toBe('2 good sessions running would step it up.');
    });

    it('says how far the bridge reaches', function (): void {
        $because = proposed([doneAgo(5), doneAgo(2)], [5000, 6000])->because;
        expect(end($because)->says)->toContain(
            Made::said('The next load here is 6 kg, +20 %: more than the step of 10 %.'),
        );
    });

    it('lets steps and trips grow by five, and no further than thirty', function (
        string $kind, int $hi, ?string $lever, int $after,
    ): void {
        $dose = [
            'sets' => 2, $kind => ['lo' => 5, 'hi' => $hi], 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 60,
            'load_g' => 5000, 'per' => 'total',
        ];
        $next = proposed([walkedAgo(5, $kind, $hi), walkedAgo(2, $kind, $hi)], [5000, 7000], dose: $dose);
        expect($next->lever?->value)->toBe($lever)->and($next->dose->amount->hi)->toBe($after);
    })->with([
        'steps' => ['steps', 10, 'steps', 15],
        'trips' => ['trips', 10, 'trips', 11],
        'up to thirty' => ['steps', 25, 'steps', 30],
        'not past thirty' => ['steps', 26, 'rung', 26],
    ]);

    it('says so when the home makes no load', function (): void {
        $next = proposed([doneAgo(5), doneAgo(2)], []);
        expect($next->lever?->value)->toBe('rung')->and(
            array_slice($next->because, -1)[0]->rule,
        )->toBe('kit.outgrown');
    });
});

describe('brakes at their edges', function (): void {
    it('eases an effort of nine above the range, and form that broke twice running', function (
        array $history, array $dose, Decision $decision, ?string $says,
    ): void {
        $next = proposed($history, dose: [...DOSE, ...$dose]);
        expect($next->decision)->toBe($decision);
        if ($says !== null) {
            expect(implode(' ', array_map(static fn ($r): string => $r->says, $next->because)))->toContain($says);
        }
    })->with([
        'nine' => [[doneAgo(5), doneAgo(2, 12, 9)], [], Decision::Ease, 'RPE reached 9, above the range of 6-8.'],
        'eight and a half' => [[doneAgo(5), doneAgo(2, 12, 8.5)], [], Decision::Stay, null],
        'nine, where the range goes there' => [
            [doneAgo(5), doneAgo(2, 11, 9)], ['effort' => ['lo' => 7, 'hi' => 9]], Decision::Stay, null,
        ],
        'nine and a half above it' => [
            [doneAgo(5), doneAgo(2, 12, 9.5)], ['effort' => ['lo' => 7, 'hi' => 9]], Decision::Ease, null,
        ],
        'nine the time before' => [[doneAgo(5, 12, 9), doneAgo(2)], [], Decision::Stay, null],
        'form once' => [
            [doneAgo(5), doneAgo(2, 12, 8, [], ['form_broke' => true])], [], Decision::Stay, 'Form broke in 2 sets.',
        ],
        'form twice running' => [
            [doneAgo(5, 12, 8, [], ['form_broke' => true]), doneAgo(2, 12, 8, [], ['form_broke' => true])], [],
            Decision::Ease, 'Twice running.',
        ],
    ]);

    it('does not brake for one broken set', function (): void {
        $one = ['reps' => 12, 'effort' => 8, 'load_g' => 5000];
        $session = ['date' => '2026-11-23', 'sets' => [[...$one, 'form_broke' => true], $one]];
        $because = proposed([doneAgo(5), $session])->because;
        expect(array_map(static fn ($r): string => $r->rule, $because))->not->toContain('brake.form');
    });

    it('says what lifts a stop and a hold', function (): void {
        expect(proposed([doneAgo(2, 12, 8, ['stop_sign' => true])])->otherwise)->toContain('clearance')
            ->and(proposed([doneAgo(5), doneAgo(2, 12, 8, [], ['form_broke' => true])])->otherwise)->toBe(
                'Steady form lets it move again.',
            )
            ->and(
                proposed([doneAgo(5), ['date' => '2026-11-24', 'sets' => [], 'skipped' => 'flu']])->otherwise,
            )->toBe('The next session done decides.')
            ->and(proposed([])->otherwise)->toBe('Log a session first.');
    });

    it('takes one set away, and says so', function (): void {
        $next = proposed([doneAgo(2, 12, 8, ['pain' => ['during' => 8]])], [5000, 5500], dose: [...DOSE, 'sets' => 3]);
        expect($next->lever?->value)->toBe('sets')
            ->and($next->dose->sets)->toBe(2)
            ->and(array_slice($next->because, -1)[0]->says)->toBe('One set fewer.');
    });

    it('eases by a load that is a relief, and by the lightest when there is no other', function (
        array $ladder, int $eased,
    ): void {
        expect(proposed([doneAgo(2, 12, 8, ['pain' => ['during' => 8]])], $ladder)->dose->loadG)->toBe($eased);
    })->with([
        'ten grams apart' => [[4500, 4700, 4750, 4760, 4990, 5000], 4750],
        'five percent' => [[4000, 4750, 5000], 4750],
        'a gram less' => [[4000, 4751, 5000], 4000],
        'nothing else' => [[4900, 4990, 5000], 4900],
    ]);

    it('eases to the heaviest of the lighter loads', function (): void {
        expect(
            proposed([doneAgo(2, 12, 8, ['pain' => ['during' => 8]])], [3000, 4000, 4500, 5000, 5500])->dose->loadG,
        )->toBe(4500);
    });
});

it('asks what grows first as soon as two schools serve one kind of dose', function (): void {
    $today = [new RepsThenLoad, new SecondsGrow];
    expect(Progression::questions($today))->toBe(Schools::ALL);
    $other = new class implements School
    {
        public function code(): string
        {
            return 'load_first';
        }

        public function label(): string
        {
            return 'the load before the reps';
        }

        public function serves(DoseKind $kind): bool
        {
            return $kind === DoseKind::Reps;
        }

        public function propose(Course $course): Proposal
        {
            return new Proposal(Decision::Stay, null, $course->dose, []);
        }
    };
    $question = Progression::questions([...$today, $other])[Progression::QUESTION];
    expect(array_keys($question['choices']))->toBe(['reps_then_load', 'load_first'])
        ->and($question['choices']['load_first'])->toBe('the load before the reps')
        ->and($question['default'])->toBe('reps_then_load');
});
