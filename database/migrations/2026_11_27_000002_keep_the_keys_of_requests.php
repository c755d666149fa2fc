<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A line that several moves were joined to has the keys of all of them.
        Schema::create('keys', function (Blueprint $table): void {
            $table->foreignUlid('document_id')->constrained()->cascadeOnDelete();
            $table->string('key', 64);
            $table->foreignId('line')->constrained('history')->cascadeOnDelete();
            $table->primary(['document_id', 'key']);
            $table->index('line');
        });
        DB::statement('INSERT INTO keys (document_id, key, line) SELECT document_id, key, id FROM history WHERE key IS NOT NULL');
        Schema::table('history', function (Blueprint $table): void {
            $table->dropUnique(['document_id', 'key']);
            $table->dropColumn('key');
        });
    }
};
