<?php

declare(strict_types=1);

namespace App\Providers;

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Limits\RuleBook;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(RuleBook::class, static fn (): RuleBook => RuleBook::standard());
        $this->app->singleton(Catalogue::class, static fn (): Catalogue => Catalogue::standard());
    }

    public function boot(): void
    {
        // A lazy load in a list is an N+1 in waiting; a typo in an attribute is a silent null. Both fail loudly.
        Model::shouldBeStrict();
    }
}
