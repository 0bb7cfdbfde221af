<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Input\Bag;

/** What is said to whoever learns a rung. */
final readonly class Teaching
{
    /**
     * @param  list<string>  $cues
     * @param  list<string>  $mistakes
     * @param  list<Muscle>  $muscles
     * @param  string|null  $picture  one line to imagine before the first rep
     * @param  string|null  $target  something to touch that says the movement is right
     * @param  string|null  $fade  how the aid or the target is taken away again
     * @param  list<Look>  $looks  what to look for while the client does it
     * @param  Wrong|null  $wrong  the common mistake as a picture
     */
    public function __construct(
        public array $cues,
        public array $mistakes,
        public string $tooHardIf,
        public string $tooEasyIf,
        public string $feel,
        public array $muscles,
        public ?string $picture = null,
        public ?string $target = null,
        public ?string $fade = null,
        public array $looks = [],
        public ?Wrong $wrong = null,
    ) {
    }

    public static function read(Bag $bag): self
    {
        return new self(
            $bag->strings('cues'), $bag->strings('mistakes'), $bag->string('too_hard_if'),
            $bag->string('too_easy_if'), $bag->string('feel'), $bag->enums('muscles', Muscle::class),
            $bag->optString('picture'), $bag->optString('target'), $bag->optString('fade'),
            array_map(Look::read(...), $bag->bags('looks')),
            $bag->has('wrong') ? Wrong::read($bag->bag('wrong'), $bag->bag('figure')->strings('props')) : null,
        );
    }

    public function look(string $code): ?Look
    {
        foreach ($this->looks as $look) {
            if ($look->code === $code) {
                return $look;
            }
        }

        return null;
    }
}
