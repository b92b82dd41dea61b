<?php

declare(strict_types=1);

use App\Photos\PictureFiles;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Pictures leave the database for files. */
    public function up(): void
    {
        foreach (DB::table('photos')->orderBy('id')->lazy(20) as $row) {
            PictureFiles::disk()->put(PictureFiles::ofPhoto((int) $row->section_id, (string) $row->id), (string) $row->jpeg);
        }
        foreach (DB::table('step_pictures')->orderBy('id')->lazy(20) as $row) {
            PictureFiles::disk()->put(PictureFiles::ofStep((int) $row->kitchen_id, (string) $row->step), (string) $row->jpeg);
        }
        Schema::table('photos', fn (Blueprint $table) => $table->dropColumn('jpeg'));
        Schema::table('step_pictures', fn (Blueprint $table) => $table->dropColumn('jpeg'));
    }
};
