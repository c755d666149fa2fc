<?php

declare(strict_types=1);

namespace App\Providers;

use AllSquare\Core\Paint\PictureSource;
use AllSquare\Core\Text\CompiledFonts;
use AllSquare\Core\Text\FontFaces;
use AllSquare\Core\Text\FontLibrary;
use App\Contract\Schemas;
use App\Database\ExactConnection;
use App\Export\ExportLimits;
use App\Icons\IconSet;
use App\Models\Sheet;
use App\Pictures\PictureFiles;
use App\Pictures\PictureLibrary;
use App\Pictures\PictureStore;
use App\Storage\OwnFonts;
use Closure;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use PDO;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', static fn (PDO|Closure $pdo, string $database, string $prefix, array $config): ExactConnection => new ExactConnection($pdo, $database, $prefix, $config));
        $this->app->singleton(CompiledFonts::class, static fn (): CompiledFonts => new CompiledFonts(config('allsquare.compiled').'/fonts', resource_path('fonts')));
        $this->app->singleton(OwnFonts::class, fn (): OwnFonts => new OwnFonts($this->app->make(CompiledFonts::class)));
        $this->app->singleton(FontLibrary::class, fn (): FontLibrary => new FontLibrary($this->app->make(CompiledFonts::class), $this->app->make(OwnFonts::class)));
        $this->app->singleton(Schemas::class, static fn (): Schemas => new Schemas(base_path('schema')));
        $this->app->singleton(IconSet::class, static fn (): IconSet => new IconSet(config('allsquare.compiled').'/icons'));
        $this->app->singleton(FontFaces::class);
        $this->app->singleton(PictureStore::class, fn (): PictureStore => new PictureStore($this->app->make(PictureFiles::class), config('allsquare.pictures')));
        $this->app->bind(PictureLibrary::class, static fn (): PictureLibrary => new PictureLibrary(resource_path('pictures'), config('allsquare.picture_library') !== 'away'));
        $this->app->bind(PictureSource::class, PictureStore::class);
        $this->app->singleton(ExportLimits::class, static fn (): ExportLimits => new ExportLimits(config('allsquare.export.files'), config('allsquare.export.megapixels')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        RateLimiter::for('drawing', static fn (Request $request): Limit => Limit::perMinute(config('allsquare.drawing.a_minute'))->by('drawing '.$request->ip()));
        RateLimiter::for('sign-in', static fn (Request $request): Limit => Limit::perMinute(10)->by('sign-in '.$request->ip()));
        Route::bind('sheet', static fn (string $id): Sheet => Sheet::there()->findOrFail($id));
    }
}
