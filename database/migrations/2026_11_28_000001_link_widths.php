<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Sheets of one page at several widths have it in common.
        Schema::table('sheets', function (Blueprint $table): void {
            $table->string('page', 26)->nullable();
            $table->index(['document_id', 'page']);
        });
    }
};
