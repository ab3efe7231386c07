#include "app/document/background.h"
#include "app/document/document.h"
#include "app/document/file_queue.h"
#include "app/document/recovery.h"
#include "app/document/study.h"
#include "formats/files.h"
#include "formats/loose.h"
#include "formats/model.h"

#include "support.h"

#include <QDir>
#include <QSignalSpy>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QThread>
#include <QWidget>

#include <atomic>
#include <map>
#include <mutex>
#include <thread>

using namespace vitrail;
using namespace vitrail::test;

/// The document against slow and failing disks, and against everything happening at once.
class TestDocument : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase();
    void an_edit_merged_after_saving_is_unsaved();
    void saving_while_another_is_opened();
    void cancel_then_edit_plans_again();
    void two_saves_of_one_path();
    void saving_keeps_links_and_permissions();
    void autosave_on_a_slow_disk();
    void autosave_that_fails_is_told_once();
    void a_late_autosave_brings_nothing_back();
    void restoring_is_off_the_window_thread();
    void quitting_stops_studies();
    void an_exception_is_a_sentence();
    void reading_can_be_stopped();
    void random_walks();

private:
    void settle(const Document& d) { QTRY_VERIFY_WITH_TIMEOUT(!d.busy_with_files() && !d.planning(), 20000); }
};

namespace {

/// Files in memory; as slow and as broken as a test wants them.
struct FakeDisk {
    std::mutex mutex;
    std::map<std::string, std::string> files;
    std::atomic<int> slow_ms{0}, fail{0}, written{0}, failed{0};
    std::atomic<int> at_once{0}, most_at_once{0};

    Disk disk() {
        return {[this](const std::string& path) -> Result<std::string> {
                    QThread::msleep(static_cast<unsigned long>(slow_ms));
                    const std::lock_guard lock(mutex);
                    const auto it = files.find(path);
                    return it == files.end()
                               ? Result<std::string>(Error{say("There is no such file. Check the name.")})
                               : it->second;
                },
                [this](const std::string& path, std::string_view bytes) -> Status {
                    most_at_once = std::max<int>(most_at_once, ++at_once);
                    QThread::msleep(static_cast<unsigned long>(slow_ms));
                    --at_once;
                    if (fail > 0 || path.find("broken") != std::string::npos)
                        return ++failed, Error{say("The disk is full. Nothing was changed.")};
                    const std::lock_guard lock(mutex);
                    files[path] = bytes;
                    ++written;
                    return Done{};
                },
                [this](const std::string& path) {
                    const std::lock_guard lock(mutex);
                    files.erase(path);
                }};
    }
    int copies(const std::string& path) {
        const std::lock_guard lock(mutex);
        const auto it = files.find(path);
        if (it == files.end())
            return -1;
        const auto p = read_archive(it->second);
        return p ? static_cast<int>(p->settings.copies) : -2;
    }
};

Project block(int copies) {
    Project p;
    p.name = "block";
    p.machine = *find_machine("feeder-4");
    const bool ok =
        static_cast<bool>(add_model(p, 0, "block.stl", write_stl(solids::box(0, 0, 0, 10, 10, 2), "block")));
    Q_ASSERT(ok);
    p.settings.copies = copies;
    return p;
}

auto copies_are(int n) {
    return [n](Project& p) { p.settings.copies = n; };
}

QStringList kept_copies() {
    return QDir(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/recovery")
        .entryList(QDir::Dirs | QDir::NoDotAndDotDot);
}

} // namespace

void TestDocument::initTestCase() {
    static QTemporaryDir home;
    qputenv("XDG_DATA_HOME", home.filePath("data").toLocal8Bit());
    qputenv("VITRAIL_AUTOSAVE_MS", "20");
}

void TestDocument::an_edit_merged_after_saving_is_unsaved() {
    Document d;
    FakeDisk disk;
    d.set_disk(disk.disk());
    d.reset(block(1), {});
    constexpr int kDrag = 7;
    d.edit("copies", copies_are(2), kDrag);
    d.save("/p.vitrail");
    settle(d);
    QVERIFY(!d.modified());
    d.edit("copies", copies_are(3), kDrag); // goes on with the same drag
    QVERIFY(d.modified());
    QCOMPARE(disk.copies("/p.vitrail"), 2);
    d.undo_stack()->undo(); // back to what the file holds
    QCOMPARE(int(d.project().settings.copies), 2);
    QVERIFY(!d.modified());
    d.undo_stack()->undo();
    QVERIFY(d.modified());
}

void TestDocument::saving_while_another_is_opened() {
    Document d;
    FakeDisk disk;
    disk.files["/other.vitrail"] = *write_archive(block(9));
    disk.slow_ms = 80;
    d.set_disk(disk.disk());
    d.reset(block(1), {});
    d.edit("copies", copies_are(2));
    d.save("/mine.vitrail");
    d.reset(block(9), "/other.vitrail"); // opened while the save is under way
    settle(d);
    QCOMPARE(d.path(), QString("/other.vitrail"));
    QVERIFY(!d.modified());
    d.edit("copies", copies_are(8));
    d.save(d.path());
    settle(d);
    QCOMPARE(disk.copies("/mine.vitrail"), 2);
    QCOMPARE(disk.copies("/other.vitrail"), 8);
}

void TestDocument::cancel_then_edit_plans_again() {
    Document d;
    Project big = block(1);
    big.pieces[0].parts[0].mesh = std::make_shared<Mesh>(solids::torus(40, 12, 400, 200));
    d.reset(big, {});
    QVERIFY(d.planning());
    d.cancel_planning();
    d.edit("copies", copies_are(3)); // while what was cancelled still winds down
    settle(d);
    QVERIFY(d.plan());
    QCOMPARE(int(d.planned_project().settings.copies), 3);
    // Cancelled and over: the next edit plans too.
    d.edit("layers", [](Project& p) { p.settings.layer_mm = 0.1; });
    d.cancel_planning();
    settle(d);
    d.edit("copies", copies_are(4));
    settle(d);
    QCOMPARE(int(d.planned_project().settings.copies), 4);
    QCOMPARE(d.planned_project().settings.layer_mm, 0.1);
}

void TestDocument::two_saves_of_one_path() {
    QTemporaryDir dir;
    const QString path = dir.filePath("p.vitrail");
    Document d;
    d.reset(block(1), {});
    QSignalSpy failed(&d, &Document::failed), saved(&d, &Document::saved);
    for (int n = 2; n < 12; ++n) {
        d.edit("copies", copies_are(n));
        d.save(path);
    }
    settle(d);
    QCOMPARE(saved.size(), 10);
    QCOMPARE(failed.size(), 0);
    QCOMPARE(int(load_project(path.toStdString())->settings.copies), 11);
    QVERIFY(!d.modified());
    QCOMPARE(QDir(dir.path()).entryList(QDir::Files).size(), 1); // nothing else is left
    // Even from two threads at once, the file is always one or the other.
    std::thread a([&] {
        for (int i = 0; i < 50; ++i)
            (void)static_cast<bool>(write_file(path.toStdString(), std::string(50000, 'a')));
    });
    std::thread b([&] {
        for (int i = 0; i < 50; ++i)
            (void)static_cast<bool>(write_file(path.toStdString(), std::string(70000, 'b')));
    });
    a.join();
    b.join();
    const std::string bytes = *read_file(path.toStdString());
    QVERIFY(bytes == std::string(50000, 'a') || bytes == std::string(70000, 'b'));
}

void TestDocument::saving_keeps_links_and_permissions() {
    QTemporaryDir dir;
    const std::string real = dir.filePath("real").toStdString(), link = dir.filePath("link").toStdString();
    QVERIFY(write_file(real, "one"));
    QVERIFY(QFile::setPermissions(dir.filePath("real"), QFile::ReadOwner | QFile::WriteOwner));
    QVERIFY(QFile::link(dir.filePath("real"), dir.filePath("link")));
    QVERIFY(write_file(link, "two"));
    QVERIFY(QFileInfo(dir.filePath("link")).isSymLink());
    QCOMPARE(*read_file(real), std::string("two"));
    QVERIFY(!(QFile::permissions(dir.filePath("real")) & QFile::ReadOther));
}

void TestDocument::autosave_on_a_slow_disk() {
    Document d;
    FakeDisk slow;
    slow.slow_ms = 60;
    Recovery recovery(&d);
    recovery.set_disk(slow.disk());
    d.reset(block(1), {});
    int n = 1;
    QTRY_VERIFY((d.edit("copies", copies_are(++n)), slow.written > 3));
    // The newest copy holds the newest project.
    QTRY_VERIFY([&] {
        const std::lock_guard lock(slow.mutex);
        for (const auto& [path, bytes] : slow.files)
            if (bytes.find("\"copies\": " + std::to_string(n)) != std::string::npos)
                return true;
        return false;
    }());
    QCOMPARE(int(slow.most_at_once), 1); // never two at once
}

void TestDocument::autosave_that_fails_is_told_once() {
    Document d;
    FakeDisk full;
    full.fail = 1;
    Recovery recovery(&d);
    recovery.set_disk(full.disk());
    QSignalSpy said(&recovery, &Recovery::said);
    d.reset(block(1), {});
    d.edit("copies", copies_are(2));
    QTRY_COMPARE(said.size(), 1);
    QVERIFY(said[0][0].toString().contains("disk is full"));
    d.edit("copies", copies_are(3));
    const int before = full.failed;
    QTRY_VERIFY(full.failed > before + 1); // a second one has come back
    QCOMPARE(said.size(), 1);
    full.fail = 0; // there is room again: it is kept without any further edit
    QTRY_VERIFY(full.written > 0);
}

void TestDocument::a_late_autosave_brings_nothing_back() {
    Document d;
    Recovery recovery(&d);
    Disk slow = Disk::real();
    std::atomic<int> begun{0}, landed{0};
    slow.write = [&, real = slow.write](const std::string& path, std::string_view bytes) {
        ++begun;
        QThread::msleep(100);
        auto done = real(path, bytes);
        ++landed;
        return done;
    };
    recovery.set_disk(slow);
    QTemporaryDir dir;
    d.reset(block(1), {});
    d.edit("copies", copies_are(2));
    QTRY_VERIFY(begun > 0);
    d.save(dir.filePath("p.vitrail"));
    settle(d);
    QVERIFY(!d.modified());
    QTRY_VERIFY(landed == begun);
    QTRY_COMPARE(kept_copies(), QStringList());
}

void TestDocument::restoring_is_off_the_window_thread() {
    const QString folder =
        QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/recovery/somebody";
    LooseFolder left(folder.toStdString());
    Project big = block(5);
    big.pieces[0].parts[0].mesh = std::make_shared<Mesh>(solids::torus(40, 12, 900, 600));
    big.pieces[0].parts[0].own_mesh = true;
    QVERIFY(left.write(big, "/home/p.vitrail", write_file));
    Document d;
    Recovery recovery(&d);
    const auto found = recovery.find();
    QVERIFY(found.has_value());
    QCOMPARE(found->path, QString("/home/p.vitrail"));
    recovery.restore(*found);
    QVERIFY(d.project().settings.copies != 5); // it has come back before anything was read
    QTRY_COMPARE_WITH_TIMEOUT(int(d.project().settings.copies), 5, 20000);
    QVERIFY(d.modified());
    QCOMPARE(d.path(), QString("/home/p.vitrail"));
    QTRY_VERIFY_WITH_TIMEOUT(!QDir(folder).exists(), 20000); // taken over
    QCOMPARE(kept_copies().size(), 1);
}

void TestDocument::quitting_stops_studies() {
    auto d = std::make_unique<Document>();
    d->reset(block(1), {});
    settle(*d);
    QWidget page;
    page.show();
    std::atomic<bool> began{false}, told{false};
    Study study(d.get(), &page,
                [&](const Project&, const std::shared_ptr<const Plan>&,
                    const Progress& progress) -> std::function<void()> {
                    began = true;
                    for (int i = 0; i < 10000 && !progress.stopped(); ++i)
                        QThread::msleep(1);
                    told = progress.stopped();
                    return [] {};
                });
    study.start_anew();
    QTRY_VERIFY(began);
    d.reset();
    QVERIFY(told); // it did not come to its own end
}

void TestDocument::an_exception_is_a_sentence() {
    Document d;
    QSignalSpy failed(&d, &Document::failed);
    d.background()->run(
        &d, [](const std::stop_token&) -> Background::Then { throw std::runtime_error("a bug"); });
    QTRY_COMPARE(failed.size(), 1);
    QVERIFY(failed[0][0].toString().contains("a bug"));
    Disk broken = Disk::real();
    broken.read = [](const std::string&) -> Result<std::string> { throw std::bad_alloc(); };
    d.set_disk(broken);
    d.open("/p.vitrail");
    QTRY_COMPARE(failed.size(), 2);
    QVERIFY(failed[1][0].toString().contains("memory"));
    QVERIFY(!d.busy_with_files());
}

void TestDocument::reading_can_be_stopped() {
    Document d;
    FakeDisk disk;
    disk.files["/p.vitrail"] = *write_archive(block(4));
    disk.slow_ms = 100;
    d.set_disk(disk.disk());
    QSignalSpy failed(&d, &Document::failed), opened(&d, &Document::opened);
    d.open("/p.vitrail");
    QVERIFY(d.reading());
    d.stop_reading();
    settle(d);
    QCOMPARE(opened.size(), 0);
    QCOMPARE(failed.size(), 0); // stopped is no error
    d.open("/p.vitrail");
    settle(d);
    QCOMPARE(opened.size(), 1);
    QCOMPARE(int(d.project().settings.copies), 4);
}

void TestDocument::random_walks() {
    for (unsigned seed = 1; seed <= 12; ++seed) {
        std::mt19937 rng(seed);
        FakeDisk disk;
        std::map<std::string, int> expected; // what the last save to each path asked for
        auto d = std::make_unique<Document>();
        d->set_disk(disk.disk());
        Recovery recovery(d.get());
        recovery.set_disk(disk.disk());
        d->reset(block(1), {});
        QSignalSpy failed(d.get(), &Document::failed);
        int failures = 0;
        bool cancelled = false;
        for (int step = 0; step < 60; ++step) {
            disk.slow_ms = rng() % 3 ? 0 : int(rng() % 15);
            const std::string path = "/" + std::string(1, static_cast<char>('a' + rng() % 3)) + ".vitrail";
            switch (rng() % 11) {
            case 0:
            case 1:
            case 2:
                d->edit("copies", copies_are(1 + int(rng() % 100)), rng() % 2 ? 3 : 0);
                cancelled = false;
                break;
            case 3:
                d->undo_stack()->undo();
                break;
            case 4:
                d->undo_stack()->redo();
                break;
            case 5:
            case 6:
                expected[path] = int(d->project().settings.copies);
                d->save(QString::fromStdString(path));
                break;
            case 7:
                d->save("/broken.vitrail");
                ++failures;
                break;
            case 8:
                if (expected.count(path)) {
                    d->open(QString::fromStdString(path));
                    if (rng() % 2)
                        settle(*d);
                    cancelled = false;
                }
                break;
            case 9:
                d->cancel_planning();
                cancelled = true;
                break;
            case 10:
                QTest::qWait(int(rng() % 20));
                break;
            }
            if (step % 7 != 0)
                continue;
            settle(*d);
            for (const auto& [file, copies] : expected)
                QCOMPARE(disk.copies(file), copies);
            if (!d->modified() && !d->path().isEmpty())
                QCOMPARE(disk.copies(d->path().toStdString()),
                         int(d->project().settings.copies)); // what counts as saved is saved
            if (!cancelled && d->plan())
                QCOMPARE(d->planned_project().settings.copies, d->project().settings.copies);
            QCOMPARE(failed.size(), failures);
        }
        d->edit("copies", copies_are(77));
        settle(*d);
        QVERIFY(d->plan());
        QCOMPARE(int(d->planned_project().settings.copies), 77);
        if (seed % 2) { // quit in the middle of it
            d->save("/a.vitrail");
            d.reset();
            QCOMPARE(disk.copies("/a.vitrail"), 77); // what was asked to be written is written
        }
    }
}

VITRAIL_TEST(TestDocument)
#include "test_document.moc"
