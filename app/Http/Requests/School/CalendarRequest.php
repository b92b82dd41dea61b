<?php

declare(strict_types=1);

namespace App\Http\Requests\School;

use App\Http\Requests\ApiRequest;
use Hovik\Core\Calendar\BellReader;
use Hovik\Core\Calendar\BellSchedule;
use Hovik\Core\Calendar\SchoolCalendar;
use Hovik\Core\InvalidInput;

/** A school's bells as its keeper types them: lists by name, a week, whose turn it is, and days that are otherwise. */
final class CalendarRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'schedules' => ['present', 'array', 'list', 'max:12'],
            'schedules.*.name' => ['required', 'string', 'max:40'],
            'schedules.*.text' => ['required', 'string', 'max:4000'],
            'week' => ['present', 'array', 'list', 'max:7'],
            'week.*.day' => ['required', 'integer', 'between:1,7'],
            'week.*.name' => ['required', 'string', 'max:40'],
            'turns' => ['present', 'array', 'list', 'max:12'],
            'turns.*' => ['string', 'max:40'],
            'turns_from' => ['nullable', 'string', 'date_format:Y-m-d'],
            'days' => ['present', 'array', 'list', 'max:400'],
            'days.*.date' => ['required', 'string', 'date_format:Y-m-d'],
            'days.*.name' => ['nullable', 'string', 'max:40'],
        ];
    }

    public function calendar(): SchoolCalendar
    {
        $schedules = [];
        foreach (array_values($this->array('schedules')) as $i => $one) {
            $name = $this->string("schedules.$i.name")->toString();
            try {
                $schedules[] = BellSchedule::of($name, BellReader::read($this->string("schedules.$i.text")->toString(), 'text'));
            } catch (InvalidInput $refused) {
                throw InvalidInput::because("schedules.$i.".($refused->field === 'name' ? 'name' : 'text'), $refused->phrase);
            }
        }
        $week = $days = [];
        foreach (array_keys($this->array('week')) as $i) {
            $week[$this->integer("week.$i.day")] = $this->string("week.$i.name")->toString();
        }
        foreach (array_keys($this->array('days')) as $i) {
            $name = $this->string("days.$i.name")->toString();
            $days[$this->string("days.$i.date")->toString()] = $name === '' ? null : $name;
        }

        return SchoolCalendar::of(
            $schedules, $week, $this->texts('turns'), $this->filled('turns_from') ? $this->string('turns_from')->toString() : null, $days,
        );
    }
}
