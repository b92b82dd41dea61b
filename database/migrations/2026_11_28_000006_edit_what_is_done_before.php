<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is done before a lab, and what stations tick before they measure, are the teacher's to change. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('labs', fn (Blueprint $table) => $table->json('preparation')->nullable());
        Schema::table('sections', fn (Blueprint $table) => $table->json('set_up')->nullable());
    }
};
