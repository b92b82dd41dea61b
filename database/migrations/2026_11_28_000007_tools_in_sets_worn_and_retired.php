<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Tools lie in every station's set or stand on the shelf, lose marks, and are retired; a scale may be out of order. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tools', function (Blueprint $table): void {
            $table->unsignedTinyInteger('in_set')->default(0);
            $table->unsignedSmallInteger('retired')->default(0);
            $table->json('worn')->default('[]');
        });
        Schema::table('scales', fn (Blueprint $table) => $table->boolean('out_of_order')->default(false));
    }
};
