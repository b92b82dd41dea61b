<?php

declare(strict_types=1);

namespace App\Live;

use App\Models\Lab;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Log;
use Throwable;

/**
 * Small facts about a lab, published to whoever may listen. A convenience: a page is right after a reload without it, so a
 * fact that cannot be published is logged and forgotten.
 */
final class Live
{
    /**
     * Told after the answer has gone out, so nobody waits for it.
     *
     * @param  array<string, int|string>  $fact
     */
    public static function tell(Lab $lab, string $what, array $fact = []): void
    {
        $id = $lab->id;
        defer(static fn () => self::publish($id, ['what' => $what] + $fact));
    }

    /** @param  array<string, int|string>  $fact */
    private static function publish(int $labId, array $fact): void
    {
        $socket = config('hovik.live_socket');
        if (! is_string($socket) || $socket === '') {
            return;
        }
        try {
            Http::withOptions(['curl' => [CURLOPT_UNIX_SOCKET_PATH => $socket]])
                ->connectTimeout(1)->timeout(1)
                ->withBody((string) json_encode($fact), 'application/json')
                ->post("http://live/publish/labs/$labId")
                ->throw();
        } catch (Throwable $e) {
            Log::warning('Could not publish a live fact', ['lab' => $labId, 'why' => $e->getMessage()]);
        }
    }
}
