<?php

declare(strict_types=1);

namespace App\Providers;

use App\Live\Publisher;
use App\Words\KitchenWords;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Publisher::class);
        $this->app->scoped(KitchenWords::class);
    }

    public function boot(): void
    {
        // A relation asked for on one of many is fetched for all of them at once.
        Model::automaticallyEagerLoadRelationships();
        Model::preventSilentlyDiscardingAttributes();
        Model::preventAccessingMissingAttributes();
        // A locale with its region has its language's words.
        Lang::determineLocalesUsing(fn (array $locales): array => [
            ...array_map(static fn (string $locale): string => substr($locale, 0, 2), $locales), 'en',
        ]);
        Vite::createAssetPathsUsing(fn (string $path): string => "/$path"); // whatever name the machine is called by

        // A whole class may sit behind one school address: doors a class uses at once are wide, guessing is not.
        // A bench, or a run of browser tests, signs in hundreds of tablets from one address.
        if (config('hovik.wide_doors') === true) {
            foreach (['sign-in', 'join', 'simulator', 'station-code'] as $door) {
                RateLimiter::for($door, fn (): Limit => Limit::none());
            }

            return;
        }
        RateLimiter::for('sign-in', fn (Request $request) => [
            Limit::perMinute(5)->by(
                'mail:'.(is_string($request->input('email')) ? mb_strtolower($request->input('email')) : '').'|'.$request->ip(),
            ),
            Limit::perMinute(30)->by('address:'.$request->ip()),
        ]);
        RateLimiter::for('join', fn (Request $request) => Limit::perMinute(120)->by((string) $request->ip()));
        // A draw of 500 costs a few milliseconds; a class pressing keys is welcome, a loop is not.
        RateLimiter::for('simulator', fn (Request $request) => Limit::perMinute(600)->by($request->session()->getId()));
        RateLimiter::for('station-code', fn (Request $request) => Limit::perMinute(30)->by((string) $request->ip()));
    }
}
