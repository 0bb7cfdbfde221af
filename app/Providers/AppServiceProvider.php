<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\HomePage;
use App\Models\User;
use App\Queries\ClinicCatalogue;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Limits\RuleBook;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(RuleBook::class, static fn (): RuleBook => RuleBook::standard());
        $this->app->singleton(ClinicCatalogue::class);
        // Asked for anew each time: who is signed in decides whose own exercises are in it.
        $this->app->bind(Catalogue::class, static function (Application $app): Catalogue {
            $user = $app->make('auth')->user();
            $page = $app->make('request')->attributes->get(HomePage::class);

            return $app->make(ClinicCatalogue::class)->of(match (true) {
                $user instanceof User => $user->clinic_id,
                $page instanceof HomePage => $page->client->clinic_id,
                default => null,
            });
        });
    }

    public function boot(): void
    {
        // A lazy load in a list is an N+1 in waiting; a typo in an attribute is a silent null. Both fail loudly.
        Model::shouldBeStrict();
    }
}
