<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // How a slice is cut, besides where: what it takes, and as what it is written.
        Schema::table('slices', function (Blueprint $table): void {
            $table->text('cut')->nullable();
        });
        // Settings for handing over, under a name, for the sheets of a document.
        Schema::create('presets', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('document_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->text('settings');
            $table->index('document_id');
        });
    }
};
