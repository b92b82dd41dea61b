<?php

declare(strict_types=1);

namespace App\Auth;

use App\Words\Said;
use Carbon\CarbonInterval;
use Hovik\Core\Words\Phrase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Validation\ValidationException;

/**
 * Wrong PINs, passwords and codes, counted for what was tried over all addresses, since a school sits behind one: five are free, then there
 * is a pause of 1, 5 and from then on 15 minutes after each. What was right in the end, or half a day, forgets them.
 */
final class Failures
{
    private const PAUSES_S = [60, 300, 900];

    private const KEPT_S = 43_200;

    private function __construct(private readonly string $key, private readonly int $free)
    {
    }

    /** @param  string  $what  `pin:12`, `mail:a@b.example`, `device:...`: in the cache stands a hash of it */
    public static function of(string $what, int $free = 5): self
    {
        return new self('failures:'.hash('sha256', $what), $free);
    }

    /** Seconds until the next try; 0: now. */
    public function pauseS(): int
    {
        return max(0, (int) now()->diffInSeconds(Carbon::createFromTimestamp($this->state()['until'])));
    }

    public function count(): int
    {
        return $this->state()['count'];
    }

    public function add(): void
    {
        // Two at once count twice: one after the other.
        Cache::lock("$this->key:lock", 5)->block(4, function (): void {
            $count = $this->state()['count'] + 1;
            $pauses = [...array_fill(0, $this->free, 0), ...self::PAUSES_S];
            $until = now()->addSeconds($pauses[$count] ?? max($pauses))->getTimestamp();
            Cache::put($this->key, ['count' => $count, 'until' => $until], self::KEPT_S);
        });
    }

    public function forget(): void
    {
        Cache::forget($this->key);
    }

    /**
     * @param  string  $field  beside which it is said
     *
     * @throws ValidationException of status 429 while it lasts
     */
    public function refuseInPause(string $field, string $phrase): void
    {
        $pause = $this->pauseS();
        if ($pause > 0) {
            $minutes = (int) CarbonInterval::seconds($pause)->ceilMinutes()->totalMinutes;
            throw ValidationException::withMessages([$field => [Said::phrase(Phrase::of($phrase, ['minutes' => $minutes]))]])->status(429);
        }
    }

    /** @return array{count: int, until: int} */
    private function state(): array
    {
        $kept = Cache::get($this->key);

        return is_array($kept) && is_int($kept['count'] ?? null) && is_int($kept['until'] ?? null)
            ? ['count' => $kept['count'], 'until' => $kept['until']] : ['count' => 0, 'until' => 0];
    }
}
