<?php

declare(strict_types=1);

namespace App\Providers;

use App\Auth\HashedCacheSessions;
use App\Auth\HashedSessions;
use App\District\ClusterConnector;
use App\Live\Publisher;
use App\School\MailFolder;
use App\Words\KitchenWords;
use Illuminate\Auth\Access\Gate;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Publisher::class);
        $this->app->scoped(KitchenWords::class);
        if (config('hovik.node') !== '') {
            $this->app->bind('db.connector.mariadb', ClusterConnector::class);
        }
    }

    public function boot(): void
    {
        Session::extend('hashed-database', fn (): HashedSessions => new HashedSessions(
            DB::connection(), 'sessions', (int) config('session.lifetime'), $this->app,
        ));
        Session::extend('hashed-cache', fn (): HashedCacheSessions => new HashedCacheSessions(
            Cache::store(), (int) config('session.lifetime'),
        ));
        Mail::extend('folder', fn (array $settings): MailFolder => new MailFolder((string) $settings['path']));
        $proxies = array_values(array_filter(
            explode(',', (string) config('hovik.trusted_proxies')), static fn (string $one): bool => $one !== '',
        ));
        if ($proxies !== []) {
            TrustProxies::at($proxies);
        }
        // A relation asked for on one of many is fetched for all of them at once.
        Model::automaticallyEagerLoadRelationships();
        Model::preventSilentlyDiscardingAttributes();
        Model::preventAccessingMissingAttributes();
        // There they are; the framework would look elsewhere first.
        $this->callAfterResolving(Gate::class, static fn (Gate $gate) => $gate->guessPolicyNamesUsing(
            static fn (string $model): string => 'App\\Policies\\'.class_basename($model).'Policy',
        ));
        // A locale with its region has its language's words.
        Lang::determineLocalesUsing(fn (array $locales): array => [
            ...array_map(static fn (string $locale): string => substr($locale, 0, 2), $locales), 'en',
        ]);
        Vite::createAssetPathsUsing(fn (string $path): string => "/$path"); // whatever name the machine is called by

        // Guessing is counted where it fails (Failures): a whole school may sit behind one address, so none is shut out for its address.
        // A draw of 500 costs a few milliseconds; a class pressing keys is welcome, a loop is not.
        RateLimiter::for('simulator', fn (Request $request): Limit => config('hovik.wide_doors') === true
            ? Limit::none() : Limit::perMinute(600)->by(HashedSessions::hash($request->session()->getId())));
        // Who has no business here may look at class codes as fast as a person types them.
        RateLimiter::for('join', fn (Request $request): Limit => config('hovik.wide_doors') === true
            ? Limit::none() : Limit::perMinute(600)->by((string) $request->ip()));
    }
}
