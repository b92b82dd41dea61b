<?php

declare(strict_types=1);

use App\Auth\HashedCacheSessions;
use App\Auth\TeachersDevice;
use App\District\BesideOlderCode;
use App\District\ClusterConnector;
use App\District\NightlyTurn;
use App\Exceptions\StorageFault;
use App\Http\Middleware\TriesAgain;
use App\Models\Photo;
use App\Photos\PictureFiles;
use App\School\Erasure;
use App\School\Retention;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

function refusedWith(int $code): QueryException
{
    $why = new PDOException('Refused');
    $why->errorInfo = ['HY000', $code, 'Refused'];

    return new QueryException('mariadb', 'insert into weighings', [], $why);
}

describe('what the database refuses for a moment', function () {
    beforeEach(function () {
        Sleep::fake();
        $this->tried = 0;
        $this->fails = 0;
        $this->fault = refusedWith(1213);
        $this->writes = false;
        // As the application answers: a fault is an answer that knows what it was made of.
        $next = function (Request $request): Response {
            $this->inputs[] = $request->all();
            $request->merge(['seen' => true]);
            if ($this->writes) {
                DB::connection()->recordsHaveBeenModified();
            }

            return ++$this->tried > $this->fails ? response()->json(['tried' => $this->tried])
                : app(ExceptionHandler::class)->render($request, $this->fault)->withException($this->fault);
        };
        // The test's own transaction would end with the connection.
        $this->ask = function (string $method = 'PUT') use ($next): Response {
            DB::connection()->forgetRecordModificationState();

            return (new TriesAgain(keepsConnection: true))->handle(Request::create('/api/trial', $method, ['grams' => '219']), $next);
        };
    });

    it('is asked again from the beginning, whatever it was refused for', function (Throwable $fault) {
        [$this->fails, $this->fault] = [2, $fault];
        expect(($this->ask)()->getContent())->toBe('{"tried":3}')->and($this->inputs)->toBe(array_fill(0, 3, ['grams' => '219']));
        Sleep::assertSleptTimes(2);
    })->with([
        'a deadlock, or a commit the cluster refused' => [fn () => refusedWith(1213)],
        'a node that is not in the cluster' => [fn () => refusedWith(1047)],
        'a node that went away' => [fn () => refusedWith(2006)],
        'a node that cannot be reached' => [fn () => refusedWith(2002)],
        'the cache of a district' => [fn () => StorageFault::away(new RuntimeException('Connection lost'))],
    ]);

    it('is told in words in the end, in the reader\'s language, and when to try again', function (string $language, string $says) {
        app()->setLocale($language);
        $this->fails = 100;
        $answer = ($this->ask)();
        expect($answer->getStatusCode())->toBe(503)->and($answer->headers->get('Retry-After'))->toBe('2')
            ->and(json_decode((string) $answer->getContent(), true))->toBe(['message' => $says])->and($this->tried)->toBe(6);
    })->with([
        ['en', 'That did not get through just now. Try again in a moment.'],
        ['es', 'Ahora mismo no llegó. Prueba otra vez en un momento.'],
    ]);

    it('comes again only where it may come twice', function (string $method, bool $writes, int $tried) {
        [$this->fails, $this->writes] = [1, $writes];
        expect(($this->ask)($method)->getStatusCode())->toBe($tried === 1 ? 503 : 200)->and($this->tried)->toBe($tried);
    })->with([
        ['GET', true, 2], ['PUT', true, 2], ['DELETE', true, 2], ['POST', false, 2], ['POST', true, 1], ['PATCH', true, 1],
    ]);

    it('is none of what does not pass', function () {
        config(['app.debug' => false]);
        [$this->fails, $this->fault] = [1, refusedWith(1054)];
        expect(($this->ask)()->getStatusCode())->toBe(500)->and($this->tried)->toBe(1);
    });
});

it('reads what is fresh for half a minute after another node is written to', function () {
    Cache::store('memory')->flush();
    $connector = new ClusterConnector;
    expect($connector->isNew('db1'))->toBeTrue();
    $this->travel(29)->seconds();
    expect($connector->isNew('db1'))->toBeTrue();
    $this->travel(2)->seconds();
    expect($connector->isNew('db1'))->toBeFalse()->and($connector->isNew('db2'))->toBeTrue()->and($connector->isNew('db2'))->toBeTrue();
    $this->travel(31)->seconds();
    expect($connector->isNew('db2'))->toBeFalse();
});

it('has a job of the night done by one machine', function () {
    [$one, $two] = [new NightlyTurn('backup', 'app1'), new NightlyTurn('backup', 'app2')];
    expect([$one->take(), $two->take(), $one->take(), (new NightlyTurn('keep', 'app2'))->take()])->toBe([true, false, false, true]);
    $two->giveBack(); // not its to give
    expect($two->take())->toBeFalse();
    $one->giveBack();
    expect($two->take())->toBeTrue();
    $two->done();
    expect([$one->take(), $one->isDone()])->toBe([false, true]);
    $this->travel(19)->hours();
    expect([$one->isDone(), $one->take()])->toBe([false, true]);
    // One that was broken off is another's after a while.
    $this->travel(3)->hours();
    expect($two->take())->toBeTrue();
});

it('tells the script of the night whose turn it is', function () {
    config(['hovik.node' => 'app1']);
    $asked = [Artisan::call('school:turn backup')];
    config(['hovik.node' => 'app2']);
    $asked[] = Artisan::call('school:turn backup');
    $asked[] = Artisan::call('school:turn backup --back');
    $asked[] = Artisan::call('school:turn backup');
    config(['hovik.node' => 'app1']);
    Artisan::call('school:turn backup --done');
    expect([...$asked, Artisan::call('school:turn backup')])->toBe([0, 3, 0, 3, 4]);
});

describe('sessions that machines share', function () {
    beforeEach(function () {
        Cache::flush();
        $this->sessions = new HashedCacheSessions(Cache::store(), 240);
        $this->teacher = $this->section()->teacher;
    });

    it('are kept by a hash, and end', function () {
        $this->sessions->write('the-id-in-the-cookie', 'a:0:{}');
        expect($this->sessions->read('the-id-in-the-cookie'))->toBe('a:0:{}')
            ->and(Cache::get('session:the-id-in-the-cookie'))->toBeNull()
            ->and($this->sessions->read(hash('sha256', 'the-id-in-the-cookie')))->toBe('');
        $this->sessions->destroy('the-id-in-the-cookie');
        expect($this->sessions->read('the-id-in-the-cookie'))->toBe('');
        $this->sessions->write('idle', 'a:0:{}');
        $this->travel(241)->minutes();
        expect($this->sessions->read('idle'))->toBe('');
    });

    it('know a teacher\'s devices, the latest first, and of nobody else any', function () {
        $this->asTeacher($this->teacher);
        $as = function (string $agent, string $id): void {
            request()->headers->set('User-Agent', $agent);
            $this->sessions->write($id, 'a:0:{}');
        };
        $as('X Mobile', 'phone');
        $this->travel(5)->minutes();
        $as('Y Tablet', 'tablet');
        $kinds = fn (): array => array_map(static fn (TeachersDevice $one): string => $one->kind, $this->sessions->devicesOf([$this->teacher->id]));
        expect($kinds())->toBe(['tablet', 'phone'])->and($this->sessions->devicesOf([$this->teacher->id + 1]))->toBe([]);
        $this->travel(2)->minutes();
        $as('X Mobile', 'phone');
        expect($kinds())->toBe(['phone', 'tablet']);
        $this->sessions->destroy('phone');
        expect($kinds())->toBe(['tablet']);
        $this->asNobody()->asStudent($this->teacher->sections->sole()->students->first());
        $as('Z Mobile', 'student');
        expect($kinds())->toBe(['tablet']);
    });

    it('serve the whole application', function () {
        config(['session.driver' => 'hashed-cache']);
        $this->postJson('/api/teacher/session', ['email' => $this->teacher->email, 'password' => 'flour-and-water'])->assertOk();
        expect(DB::table('sessions')->count())->toBe(0);
    });
});

describe('pictures beside the database', function () {
    beforeEach(function () {
        $lab = $this->openLab();
        $this->class = $lab->section;
        $this->photo = fn (int $student): Photo => tap(Photo::query()->create([
            'id' => (string) Str::ulid(), 'section_id' => $this->class->id, 'lab_line_id' => $lab->lines->first()->id,
            'station_id' => $this->class->stations->first()->id, 'student_id' => $student,
        ]), static fn (Photo $photo) => PictureFiles::disk()->put($photo->path(), 'jpeg'));
        $this->students = $this->class->stations->first()->students;
    });

    it('go with the student, and with the class', function () {
        [$theirs, $anothers] = [($this->photo)($this->students->first()->id), ($this->photo)($this->students->last()->id)];
        Erasure::student($this->students->first());
        expect(PictureFiles::disk()->exists($theirs->path()))->toBeFalse()->and(PictureFiles::disk()->exists($anothers->path()))->toBeTrue();
        Erasure::section($this->class->fresh());
        expect(PictureFiles::disk()->allFiles())->toBe([]);
    });

    it('that are nobody\'s are swept away by night, not those that are just being stored', function () {
        $kept = ($this->photo)($this->students->first()->id);
        PictureFiles::disk()->put('photos/1/nobodys.jpg', 'jpeg');
        PictureFiles::disk()->put('steps/1/nobodys.jpg', 'jpeg');
        Retention::apply();
        expect(PictureFiles::disk()->allFiles())->toHaveCount(3);
        $this->travel(2)->days();
        Retention::apply();
        expect(PictureFiles::disk()->allFiles())->toBe([$kept->path()]);
    });
});

it('says which changes of the tables the older code can live with', function () {
    expect(Artisan::call('school:beside'))->toBe(0);
    DB::table('migrations')->where('migration', '2026_11_29_000002_lay_pictures_beside')->delete();
    expect(Artisan::call('school:beside'))->toBe(1)->and(Artisan::output())->toContain('cannot live with 2026_11_29_000002_lay_pictures_beside');
    $additive = new class extends Illuminate\Database\Migrations\Migration implements BesideOlderCode
    {
    };
    expect($additive)->toBeInstanceOf(BesideOlderCode::class);
});
