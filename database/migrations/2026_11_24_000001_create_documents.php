<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('documents', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->string('name');
            $table->integer('changes')->default(0);
            $table->timestamps(3);
            $table->softDeletes('deleted_at', 3);
        });

        Schema::create('sheets', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('document_id')->constrained()->cascadeOnDelete();
            $table->integer('position');
            $table->string('name');
            $table->double('typed_width');
            $table->double('typed_height');
            $table->string('unit', 2);
            $table->double('ppi');
            $table->boolean('whole_pixels');
            $table->double('margin_left');
            $table->double('margin_top');
            $table->double('margin_right');
            $table->double('margin_bottom');
            $table->string('background', 7)->nullable();
            $table->double('zero_x');
            $table->double('zero_y');
            $table->double('unit_of_spacing')->nullable();
            $table->boolean('removed')->default(false);
            $table->integer('revision')->default(0);
            $table->index(['document_id', 'position']);
        });

        Schema::create('items', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('sheet_id')->constrained()->cascadeOnDelete();
            $table->string('parent_id', 26)->nullable();
            $table->integer('rank');
            $table->string('kind', 20);
            $table->string('name');
            foreach (['x', 'y', 'w', 'h', 'angle', 'origin_x', 'origin_y'] as $column) {
                $table->double($column);
            }
            $table->boolean('locked');
            $table->boolean('hidden');
            $table->text('props');
            // Derived: can be thrown away and computed again.
            foreach (['bounds', 'ink', 'painted'] as $box) {
                foreach (['x', 'y', 'w', 'h'] as $side) {
                    $table->double("{$box}_$side")->default(0);
                }
            }
            $table->string('paint_hash', 16)->default('');
            $table->text('svg')->default('');
            $table->index(['sheet_id', 'parent_id', 'rank']);
            $table->index('parent_id');
        });

        Schema::create('slices', function (Blueprint $table): void {
            $table->string('id', 26)->primary();
            $table->foreignUlid('sheet_id')->constrained()->cascadeOnDelete();
            $table->integer('rank');
            $table->string('name');
            foreach (['x', 'y', 'w', 'h'] as $column) {
                $table->double($column);
            }
            $table->index(['sheet_id', 'rank']);
        });

        Schema::create('history', function (Blueprint $table): void {
            $table->integer('id')->autoIncrement();
            $table->foreignUlid('document_id')->constrained()->cascadeOnDelete();
            $table->string('sheet_id', 26);
            $table->string('command', 40);
            $table->string('label');
            $table->text('params');
            $table->text('report');
            $table->text('selected_before');
            $table->text('selected_after');
            $table->binary('patch');
            $table->integer('revision');
            $table->boolean('undone')->default(false);
            $table->string('key', 64)->nullable();
            $table->timestamp('created_at', 3);
            $table->index(['document_id', 'undone', 'id']);
            $table->unique(['document_id', 'key']);
        });
    }
};
