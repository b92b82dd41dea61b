<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\Support\Responsable;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** A file to save. */
final readonly class FileAnswer implements Responsable
{
    public function __construct(private string $content, private string $title, private string $ending, private string $type)
    {
    }

    /** @param  array<string, mixed>  $content */
    public static function json(array $content, string $title, string $ending, string $type = 'application/json'): self
    {
        $flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

        return new self(json_encode($content, $flags), $title, $ending, $type);
    }

    public function toResponse($request): Response
    {
        $name = Str::slug($this->title);
        $file = ($name === '' ? 'hovik' : $name).".$this->ending";

        return response($this->content, 200, ['Content-Type' => $this->type, 'Content-Disposition' => "attachment; filename=\"$file\""]);
    }
}
