<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/*
 * The queue and the archives it makes, in a database file of their own: progress is written often, and never waits for
 * someone who is arranging.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('archives', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->string('document_id', 26);
            $table->string('sheet_id', 26);
            $table->string('name');
            $table->text('wanted');
            $table->string('state', 12);
            $table->boolean('stopping')->default(false);
            $table->integer('total')->default(0);
            $table->integer('done')->default(0);
            $table->integer('bytes')->nullable();
            $table->text('differences')->nullable();
            $table->text('error')->nullable();
            $table->timestamp('created_at', 3);
            $table->timestamp('ended_at', 3)->nullable();
            $table->index(['document_id', 'id']);
        });
        Schema::create('archive_files', function (Blueprint $table): void {
            $table->string('archive_id', 26);
            $table->integer('place');
            $table->string('name');
            $table->string('fingerprint', 64)->index();
            $table->string('sha256', 64);
            $table->integer('bytes');
            $table->boolean('reused');
            $table->primary(['archive_id', 'place']);
            $table->foreign('archive_id')->references('id')->on('archives')->cascadeOnDelete();
        });
    }
};
