<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Input\Bag;

/** The named postures of core/figures: bodies (hip, trunk, legs) and what the arms do, to be combined. */
final class Postures
{
    private static ?self $standard = null;

    private function __construct(private readonly Bag $bodies, private readonly Bag $arms)
    {
    }

    public static function standard(): self
    {
        if (self::$standard === null) {
            $file = Bag::decode((string) file_get_contents(dirname(__DIR__, 3).'/figures/postures.json'));
            self::$standard = new self($file->bag('bodies'), $file->bag('arms'));
        }

        return self::$standard;
    }

    /** @throws UnknownCode */
    public function body(string $code): Bag
    {
        return $this->bodies->optBag($code) ?? throw UnknownCode::of('body', $code, $this->bodies->keys());
    }

    /** @throws UnknownCode */
    public function arms(string $code): Bag
    {
        return $this->arms->optBag($code) ?? throw UnknownCode::of('arms', $code, $this->arms->keys());
    }
}
