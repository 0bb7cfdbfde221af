<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\SkinSite;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Fit\Demands;
use BuoyantStep\Core\Fit\Judge;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Units\Day;

final class JudgeVerb implements Verb
{
    public function name(): string
    {
        return 'judge';
    }

    public function about(): string
    {
        return 'does an exercise fit a client: fits, changes or out';
    }

    public function answer(Bag $input): Answer
    {
        $client = Profile::read($input->bag('client'));
        $on = Day::of($input->string('on'), '/on');
        $client->assertPlausible($on);
        $envelope = RuleBook::standard()->envelope(new Facts($client, $on, MeasureSet::read($input->bags('measures'))));

        return new Answer((new Judge($envelope, $client->function))->verdict($this->demands($input))->jsonSerialize());
    }

    /** @throws InvalidInput|UnknownCode */
    private function demands(Bag $input): Demands
    {
        if ($input->has('demands') === $input->has('rung')) {
            throw InvalidInput::at(
                '/demands', 'Give either "demands" or "rung", written family/rung, for example "heel_raise/seated".',
            );
        }
        if ($input->has('demands')) {
            return self::described($input->bag('demands'));
        }
        [$family, $rung] = explode('/', $input->string('rung'), 2) + ['', ''];

        try {
            return Catalogue::standard()->family($family)->rung($rung)->demands;
        } catch (UnknownCode $unknown) {
            throw new UnknownCode($unknown->errorCode, $unknown->getMessage(), '/rung');
        }
    }

    /**
     * The catalogue names materials and parts by the side that works; whoever describes one exercise may say where.
     *
     * @throws InvalidInput naming the field
     */
    private static function described(Bag $demands): Demands
    {
        $values = $demands->all();
        [$words, $sites] = [[], []];
        foreach ((array) ($values['material'] ?? []) as $i => $touching) {
            $at = is_array($touching) ? new Bag($touching, $demands->pointer("material/$i")) : null;
            $words[] = $at?->string('what') ?? $touching;
            if ($at?->has('site')) {
                $sites[$at->string('what')][] = SkinSite::scope($at->string('site'));
            }
        }
        $parts = [];
        $named = is_array($values['parts'] ?? null) && array_is_list($values['parts']);
        foreach ($named ? $demands->bags('parts') : [] as $need) {
            [$part, $side] = [$need->string('part'), $need->optString('side') ?? 'both'];
            // Once left and once right is both.
            $parts[$part] = ($parts[$part] ?? $side) === $side ? $side : 'both';
        }

        return Demands::read($demands->with(material: $words, parts: $parts === [] ? $values['parts'] ?? [] : $parts))
            ->touching($sites);
    }
}
