<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\Section;
use App\Models\Student;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;

/**
 * Wrong PINs, counted three ways: for the name, over all devices; for the device; and for the class, over devices that nobody of it came
 * in with, so that twenty-two names are not twenty-two times as many tries. A device that this student came in with before is counted by
 * itself alone: nobody else's tries shut them out. The teacher sees who stands at the door, and lets them in.
 */
final readonly class WrongPins
{
    private const FREE_IN_CLASS = 25;

    private const KEPT_S = 43_200;

    public function __construct(private Student $student, private KnownDevice $device)
    {
    }

    public function refuseInPause(): void
    {
        foreach ($this->counted() as $counted) {
            $counted->refuseInPause('pin', 'refusal.pin-paused');
        }
    }

    public function add(): void
    {
        foreach ($this->counted() as $counted) {
            $counted->add();
        }
        $names = self::atTheDoor($this->student->section_id);
        Cache::put(self::key($this->student->section_id), array_values(array_unique([...$names, $this->student->id])), 3600);
    }

    /** The right PIN came, a new one was made, or the teacher lets them in. */
    public function forget(): void
    {
        $this->ofName()->forget();
        $this->ofDevice()->forget();
        self::letIn($this->student);
    }

    /** The teacher knows who stands there. */
    public static function letIn(Student $student): void
    {
        Failures::of("pin:$student->id")->forget();
        Failures::of("class:$student->section_id")->forget();
        // On whatever device they stand: what was counted there before counts no more.
        Cache::put(self::letInKey($student), Str::random(8), self::KEPT_S);
        Cache::put(self::key($student->section_id), array_values(array_diff(self::atTheDoor($student->section_id), [$student->id])), 3600);
    }

    /** @return list<int> students for whom wrong PINs came, and none that was right since */
    public static function of(Section $section): array
    {
        return self::atTheDoor($section->id);
    }

    /** @return list<int> */
    private static function atTheDoor(int $section): array
    {
        $kept = Cache::get(self::key($section));

        return is_array($kept) ? array_values(array_filter($kept, is_int(...))) : [];
    }

    private static function letInKey(Student $student): string
    {
        return "let-in:$student->id";
    }

    private static function key(int $section): string
    {
        return "wrong-pins:$section";
    }

    /** @return list<Failures> */
    private function counted(): array
    {
        return $this->device->knows($this->student)
            ? [$this->ofDevice()]
            : [$this->ofName(), $this->ofDevice(), Failures::of("class:{$this->student->section_id}", self::FREE_IN_CLASS)];
    }

    private function ofName(): Failures
    {
        return Failures::of("pin:{$this->student->id}");
    }

    /** Of this name on this device: a room's tablet has many. */
    private function ofDevice(): Failures
    {
        return Failures::of("device:{$this->device->name}:{$this->student->id}:".Cache::get(self::letInKey($this->student), ''));
    }
}
