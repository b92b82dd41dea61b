<?php

declare(strict_types=1);

use App\Exceptions\StorageFault;
use App\Http\Middleware\EndsWithItsLab;
use App\Http\Middleware\HasRoom;
use App\Http\Middleware\IsReadable;
use App\Http\Middleware\SessionHolds;
use App\Http\Middleware\SpeaksTheReadersLanguage;
use App\Http\Middleware\TellsTheBuild;
use App\Http\Middleware\TriesAgain;
use App\Words\Said;
use Hovik\Core\InvalidInput;
use Hovik\Core\Words\Phrase;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Database\LostConnectionException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

$base = dirname(__DIR__);
$app = Application::configure(basePath: $base)
    ->withRouting(web: $base.'/routes/web.php', commands: $base.'/routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class); // one origin
        // Before anything can be refused.
        $middleware->prepend([SpeaksTheReadersLanguage::class, IsReadable::class, TriesAgain::class]);
        $middleware->redirectGuestsTo('/'); // whatever somebody who is not signed in accepts, nobody looks for a login route
        $middleware->web(append: [SessionHolds::class], prepend: [TellsTheBuild::class, HasRoom::class]);
        $middleware->prependToPriorityList(before: AuthenticatesRequests::class, prepend: SessionHolds::class);
        $middleware->alias(['ends-with-lab' => EndsWithItsLab::class]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*'));
        $exceptions->map(QueryException::class, StorageFault::of(...));
        foreach ([RedisException::class, LostConnectionException::class] as $away) {
            $exceptions->map($away, StorageFault::away(...));
        }
        // What the core refuses is a field's fault, told in the reader's language.
        $exceptions->render(function (InvalidInput $refusal): never {
            throw ValidationException::withMessages([$refusal->field => Said::phrase($refusal->phrase)]);
        });
        $exceptions->dontReport(InvalidInput::class);
        $exceptions->render(fn (AuthenticationException $e, Request $request) => $request->is('api/*')
            ? response()->json(['message' => Said::phrase(Phrase::of('refusal.signed-out'))], 401) : null);
        $exceptions->render(fn (ThrottleRequestsException $e) => response()->json(
            ['message' => Said::phrase(Phrase::of('refusal.too-many', ['seconds' => (int) ($e->getHeaders()['Retry-After'] ?? 60)]))],
            429, $e->getHeaders(),
        ));
        $exceptions->render(function (HttpExceptionInterface $e, Request $request) {
            $known = [
                403 => 'refusal.not-yours', 404 => 'refusal.not-found', 405 => 'refusal.not-found', 419 => 'refusal.signed-out',
            ];
            $status = $e->getStatusCode();

            return $request->is('api/*') && isset($known[$status])
                ? response()->json(['message' => Said::phrase(Phrase::of($known[$status]))], $status) : null;
        });
    })
    ->create();

// Data, logs and caches of this installation live under one folder: var/main, or another for tests and benches.
$state = getenv('HOVIK_STATE');
$state = $state === false || $state === '' ? $base.'/var/main' : $state;
$app->useEnvironmentPath($state)->loadEnvironmentFrom('app.env');
$app->useStoragePath($state.'/storage');
foreach ([
    'CONFIG' => 'config', 'ROUTES' => 'routes-v7', 'EVENTS' => 'events', 'SERVICES' => 'services', 'PACKAGES' => 'packages',
] as $what => $file) {
    $_SERVER["APP_{$what}_CACHE"] ??= "$state/cache/$file.php";
}

return $app;
