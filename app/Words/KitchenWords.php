<?php

declare(strict_types=1);

namespace App\Words;

use App\Database\OneTrip;
use App\Models\Station;
use App\Models\Student;
use App\Models\Teacher;
use App\School\KnownSchool;
use App\School\Spelling;
use Hovik\Core\Words\DecimalSign;
use Hovik\Core\Words\OwnWords;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;
use Hovik\Core\Words\WordingKind;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The book of the kitchen whose teacher, student or station asks: the application's words, with its own in their place. */
final class KitchenWords
{
    /** @var array<string, OwnWords> by kitchen and language, while one request lasts */
    private array $own = [];

    /** @var array<int, KnownSchool> by kitchen, as long */
    private array $known = [];

    /** For a phrase that no kitchen says otherwise, nothing is looked up: a verdict must not wait for it. */
    public function book(string $locale, Phrase $phrase): Phrasebook
    {
        $book = Phrasebook::in($this->spoken($locale));

        return self::holdsWording($phrase) ? $book->with($this->own($locale)) : $book;
    }

    /** Another one whenever steps or cautions may be said otherwise: part of the key of whatever keeps them. */
    public function mark(string $locale): string
    {
        return $this->own($locale)->mark();
    }

    /** The reader's locale as their school spells it. */
    public function spoken(string $locale): string
    {
        $kitchen = Phrasebook::language($locale) === 'en' ? self::kitchen() : null;
        if ($kitchen === null || ($this->known[$kitchen] ??= KnownSchool::of($kitchen))->spelling !== Spelling::British) {
            return $locale;
        }

        return DecimalSign::of($locale) === DecimalSign::Point ? 'en_GB' : 'en_DE_BRITISH';
    }

    public function changed(): void
    {
        $this->own = $this->known = [];
    }

    /**
     * For whoever asks for more in the same trip, and hands what came back to {@see read}.
     *
     * @return Builder the kitchen's own words in a language
     */
    public function query(string $locale): Builder
    {
        return DB::table('own_wordings')->where('kitchen_id', self::kitchen())->where('language', Phrasebook::language($locale))
            ->select(['phrase', 'text']);
    }

    /** @param  list<stdClass>  $rows */
    public function read(string $locale, array $rows): void
    {
        $this->own[self::kitchen().' '.Phrasebook::language($locale)] = new OwnWords(array_column($rows, 'text', 'phrase'));
    }

    private function own(string $locale): OwnWords
    {
        $whose = self::kitchen().' '.Phrasebook::language($locale);
        if (! isset($this->own[$whose])) {
            $this->read($locale, self::kitchen() === null ? [] : OneTrip::rows($this->query($locale))[0]);
        }

        return $this->own[$whose];
    }

    /** Of whoever has been let in by now, first of all of whoever asks; none at the doors. */
    private static function kitchen(): ?int
    {
        foreach (array_unique([Auth::getDefaultDriver(), 'teacher', 'student', 'station']) as $door) {
            $reader = Auth::guard($door)->hasUser() ? Auth::guard($door)->user() : null;
            if ($reader instanceof Teacher) {
                return $reader->kitchen_id;
            }
            if ($reader instanceof Student || $reader instanceof Station) {
                return $reader->section->kitchen_id;
            }
        }

        return null;
    }

    private static function holdsWording(Phrase $phrase): bool
    {
        return WordingKind::of($phrase->id) !== null || self::hold($phrase->with);
    }

    /** @param  array<array-key, mixed>  $parts */
    private static function hold(array $parts): bool
    {
        foreach ($parts as $part) {
            if ($part instanceof Phrase ? self::holdsWording($part) : is_array($part) && self::hold($part)) {
                return true;
            }
        }

        return false;
    }
}
