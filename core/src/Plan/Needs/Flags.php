<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Needs;

use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Limits\Always\BalanceMeasures;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Side;

/** What conditions, measures and the body of now ask of a programme, most pressing first. */
final readonly class Flags
{
    /** A year after a birth its own work is still drafted; heaviness or leaking are the screen's affair. House. */
    public const AFTER_BIRTH_DAYS = 365;

    public function __construct(private Situation $situation)
    {
    }

    /** @return list<Need> */
    public function needs(): array
    {
        return array_values(array_filter([
            $this->falls(), $this->fragileBone(), $this->wheels(), $this->weakSide(), $this->pregnant(),
            $this->afterBirth(), $this->shortOfBreath(), $this->weakHand(),
        ]));
    }

    private function falls(): ?Need
    {
        $found = BalanceMeasures::findings($this->situation->facts());
        if (! $this->is(ConditionTrait::Falls) && $found === []) {
            return null;
        }
        $says = $this->is(ConditionTrait::Falls) ? 'because of high falls risk' : sprintf(
            'because the tests warn of falls (%s)', implode(', ', array_map(Phrase::within(...), $found)),
        );

        return self::need('falls', 'Falls', $says, [
            new Slot(Pattern::Balance), new Slot(Pattern::Rise), new Slot(Pattern::Calf),
            new Slot(Pattern::Hip, Purpose::CatchFall), new Slot(Pattern::Balance, Purpose::CatchFall),
        ], 'Sherrington 2017; Campbell 1997; CDC STEADI');
    }

    private function fragileBone(): ?Need
    {
        return ! $this->is(ConditionTrait::FragileBone) ? null : self::need(
            'fragile_bone', 'Fragile bone', 'because of fragile bone: back extensors, hips and balance', [
                new Slot(Pattern::Pull), new Slot(Pattern::Hip, Purpose::Walk),
                new Slot(Pattern::Balance), new Slot(Pattern::Trunk, Purpose::Posture),
            ], 'Giangregorio 2014; Beck 2017 (ESSA)',
        );
    }

    private function wheels(): ?Need
    {
        return ! $this->is(ConditionTrait::UsesWheels) ? null : self::need(
            'wheels', 'Wheelchair: pull over push', 'for shoulders that push a wheelchair: pull over push', [
                new Slot(Pattern::Pull), new Slot(Pattern::Pull, Purpose::Posture),
                new Slot(Pattern::Overhead, Purpose::Dress), new Slot(Pattern::Push, Purpose::Transfer),
            ], 'Martin Ginis 2018; PVA upper-limb guideline',
        );
    }

    private function weakSide(): ?Need
    {
        return ! $this->situation->hasWeakSide() && $this->situation->measures->weakerSide() === null
            ? null
            : self::need('weak_side', 'Weaker side', 'to let each side work by itself: one is weaker', [
                new Slot(Pattern::Pull, oneSided: true), new Slot(Pattern::Hip, oneSided: true),
                new Slot(Pattern::Rise, oneSided: true), new Slot(Pattern::Arm, oneSided: true),
            ], 'AHA/ASA (Billinger 2014); weaker side first by house convention');
    }

    private function weakHand(): ?Need
    {
        $function = $this->situation->client->function;
        $weak = array_filter(
            [Side::Left, Side::Right], static fn (Side $s): bool => $function->grip($s) === Grip::Weak,
        );

        return $weak === [] ? null : self::need(
            'weak_hand', 'Weak hand', 'because a hand is weak: it is trained, not excused',
            [new Slot(Pattern::Grip)], 'House convention',
        );
    }

    private function pregnant(): ?Need
    {
        return $this->situation->client->dueDate === null ? null : self::need(
            'pregnant', 'Pregnancy', 'for carrying a pregnancy: trunk, hips and an upright back', [
                new Slot(Pattern::Trunk), new Slot(Pattern::Hip), new Slot(Pattern::Pull, Purpose::Posture),
            ], 'Mottola 2019 (SOGC/CSEP)',
        );
    }

    private function afterBirth(): ?Need
    {
        $days = $this->situation->client->daysSinceBirth($this->situation->on);

        return $days === null || $days > self::AFTER_BIRTH_DAYS ? null : self::need(
            'after_birth', 'After a birth', 'to start again after a birth: breath, trunk and hips', [
                new Slot(Pattern::Trunk, Purpose::AfterBirth), new Slot(Pattern::Hip, Purpose::AfterBirth),
                new Slot(Pattern::Hinge, Purpose::Child),
            ], 'ACOG 804 (2020); Goom, Donnelly and Brockwell 2019',
        );
    }

    private function shortOfBreath(): ?Need
    {
        return ! $this->is(ConditionTrait::ShortOfBreath) ? null : self::need(
            'short_of_breath', 'Short of breath', 'because short breath costs the legs first', [
                new Slot(Pattern::Rise), new Slot(Pattern::Calf, Purpose::Walk), new Slot(Pattern::Pull),
            ], 'ATS/ERS 2013',
        );
    }

    private function is(ConditionTrait $trait): bool
    {
        return $this->situation->envelope->is($trait);
    }

    /** @param  non-empty-list<Slot>  $slots */
    private static function need(string $code, string $label, string $says, array $slots, string $source): Need
    {
        return new Need(NeedKind::Flag, $code, $label, $says, $slots, $source);
    }
}
