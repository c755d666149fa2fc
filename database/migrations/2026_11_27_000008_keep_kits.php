<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Things that a document keeps under a name, to be put on its sheets again.
        Schema::create('kits', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('document_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->text('items');
            $table->index('document_id');
        });
        // Who made a picture, where that is known.
        Schema::table('pictures', function (Blueprint $table): void {
            $table->string('credit')->nullable();
        });
    }
};
