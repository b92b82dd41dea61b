<?php

declare(strict_types=1);

namespace App\Live;

use CurlHandle;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Sleep;

/**
 * Hands a fact to nginx, over the socket of its inner server. Plain curl on a handle kept open: every weigh-in does this,
 * and the framework's own client took a tenth of storing one.
 */
class Publisher
{
    /** Before each try in a district: until nginx has found Redis again, which was killed and started. */
    private const PAUSES_S = [0, 1, 2];

    private ?CurlHandle $curl = null;

    public function publish(string $channel, string $fact): void
    {
        $socket = config('hovik.live_socket');
        if (! is_string($socket) || $socket === '') {
            return;
        }
        $this->curl ??= self::opened($socket);
        curl_setopt_array($this->curl, [CURLOPT_URL => "http://live/publish/$channel", CURLOPT_POSTFIELDS => $fact]);
        foreach (config('hovik.node') === '' ? [0] : self::PAUSES_S as $pause) {
            if ($pause > 0) {
                Sleep::for($pause)->seconds();
            }
            if (curl_exec($this->curl) !== false) {
                return;
            }
        }
        Log::warning('Could not publish a live fact', ['channel' => $channel, 'why' => curl_error($this->curl)]);
    }

    private static function opened(string $socket): CurlHandle
    {
        $curl = curl_init();
        curl_setopt_array($curl, [
            CURLOPT_UNIX_SOCKET_PATH => $socket,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json'],
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_FAILONERROR => true,
            CURLOPT_TIMEOUT => 1,
        ]);

        return $curl;
    }
}
