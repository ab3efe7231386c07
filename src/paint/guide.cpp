#include "paint/guide.h"

#include "core/material/material.h"
#include "core/terms/terms.h"
#include "formats/files.h"
#include "formats/machine_file.h"
#include "paint/shipped.h"
#include "paint/words.h"

#include <QDir>
#include <QFile>
#include <QRegularExpression>
#include <QTextDocumentFragment>

#include <algorithm>

namespace vitrail {

namespace {

/// Written by hand, in order; the lists that are made come last.
constexpr const char* kWritten[] = {"index",    "first-print", "printer", "picture",     "piece",
                                    "palette",  "supports",    "plate",   "changes",     "purge",
                                    "variants", "run",         "logbook", "trouble",     "findings",
                                    "sums",     "cautions",    "keys",    "command-line"};

QString read(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

QString escaped(const QString& text) {
    return text.toHtmlEscaped();
}

GuidePage made(const QString& file, const QString& title, const QString& body) {
    return {file,
            title,
            QStringLiteral(
                "<!DOCTYPE html>\n<html>\n<head><meta charset=\"utf-8\"><title>%1</title><link "
                "rel=\"stylesheet\" href=\"../guide.css\"></head>\n<body>\n<h1>%1</h1>\n%2</body>\n</html>\n")
                .arg(escaped(title), body),
            {}};
}

QString cells(const QStringList& row, const char* tag) {
    QString out = QStringLiteral("<tr>");
    for (const QString& cell : row)
        out += QStringLiteral("<%1>%2</%1>").arg(QLatin1String(tag), escaped(cell));
    return out + QStringLiteral("</tr>\n");
}

QString table(const QStringList& head, const std::vector<QStringList>& rows) {
    QString out = QStringLiteral("<table>\n") + cells(head, "th");
    for (const QStringList& row : rows)
        out += cells(row, "td");
    return out + QStringLiteral("</table>\n");
}

GuidePage terms_page() {
    QString body =
        QStringLiteral("<p>%1</p>\n")
            .arg(escaped(words(term(
                "Point at a word on the screen, or press F1 where you are, and its sentence is shown."))));
    for (const Term& t : all_terms())
        body += QStringLiteral("<p><a name=\"%1\" id=\"%1\"></a><b>%2</b> — %3 <a href=\"%4\">%5</a></p>\n")
                    .arg(QLatin1String(t.id), escaped(word_of(t)), escaped(words(t.says)),
                         QLatin1String(t.page), escaped(words(term("More"))));
    return made(QStringLiteral("terms.html"), words(term("Terms")), body);
}

QString value_of(const SettingInfo& s, double v) {
    if (!s.choices.empty())
        return words(s.choices[static_cast<std::size_t>(v)]);
    for (const auto& [word, stands_for] : s.words)
        if (stands_for == v)
            return words(word);
    const QString unit = words(s.unit);
    return unit.isEmpty() ? number(v) : number(v) + QLatin1Char(' ') + unit;
}

GuidePage settings_page() {
    QString body =
        QStringLiteral("<p>%1</p>\n")
            .arg(escaped(words(term("Every number you may know better, what it is for, and where its default "
                                    "comes from. The key is for the command line: --set key=value."))));
    const Settings defaults;
    for (int subject = 0; subject < kSubjects; ++subject) {
        std::vector<QStringList> rows;
        for (const SettingInfo& s : all_settings())
            if (static_cast<int>(s.subject()) == subject)
                rows.push_back(
                    {words(s.label), value_of(s, s.field.of(defaults)), words(s.why), QLatin1String(s.key)});
        if (!rows.empty())
            body += QStringLiteral("<h2>%1</h2>\n")
                        .arg(escaped(words(to_string(static_cast<Subject>(subject))))) +
                    table({words(term("Setting")), words(term("Default")), words(term("What it is for")),
                           words(term("Key"))},
                          rows);
    }
    return made(QStringLiteral("settings.html"), words(term("Settings")), body);
}

QString bond_of(Material a, Material b) {
    const Bond how = bond(a, b);
    return how == Bond::holds ? (bond_is_proven(a, b) ? words(term("holds")) : words(term("holds, for some")))
           : how == Bond::releases ? words(term("releases"))
                                   : words(term("nobody knows"));
}

GuidePage materials_page() {
    std::vector<QStringList> facts_of, bonds;
    QStringList head{QString()};
    for (const MaterialFacts& m : all_materials()) {
        facts_of.push_back({words(m.id), number(m.density_g_cm3, 2),
                            words(say("{} to {}", num(m.nozzle_c.low, 0), num(m.nozzle_c.high, 0))),
                            words(say("{} to {}", num(m.bed_c.low, 0), num(m.bed_c.high, 0))),
                            words(say("{} °C, {} h", num(m.dry_c, 0), num(m.dry_h, 0))),
                            number(m.price_per_kg),
                            QStringList{m.soluble ? words(term("dissolves in water")) : QString(),
                                        m.draws_moisture ? words(term("keep it closed and dry")) : QString(),
                                        m.fumes ? words(term("ventilate well")) : QString()}
                                .filter(QRegularExpression(QStringLiteral(".")))
                                .join(QStringLiteral(", "))});
        head << words(m.id);
        QStringList row{words(m.id)};
        for (const MaterialFacts& other : all_materials())
            row << bond_of(m.material, other.material);
        bonds.push_back(row);
    }
    return made(
        QStringLiteral("materials.html"), words(term("Materials")),
        QStringLiteral("<p>%1</p>\n")
                .arg(escaped(words(term("Defaults from common practice and from memory; what your spool's "
                                        "label says counts, and you can write it into the shelf.")))) +
            table({words(term("Class")), words(term("g/cm³")), words(term("Nozzle, °C")),
                   words(term("Bed, °C")), words(term("Drying")), words(term("Price per kg")),
                   words(term("Note"))},
                  facts_of) +
            QStringLiteral("<h2>%1</h2>\n<p>%2</p>\n")
                .arg(escaped(words(term("What holds to what"))),
                     escaped(words(term(
                         "In one body filaments must hold to each other; an interface should release.")))) +
            table(head, bonds));
}

GuidePage machines_page() {
    std::vector<QStringList> rows;
    for (const Machine& m : shipped_machines())
        rows.push_back(
            {words(machine_text(m.name)), QLatin1String(m.id.c_str()),
             QStringLiteral("%1 × %2 × %3").arg(number(m.bed_x_mm), number(m.bed_y_mm), number(m.height_mm)),
             QString::number(m.nozzles.size()), QString::number(places_for_filament(m)),
             words(machine_text(m.note))});
    return made(QStringLiteral("machines.html"), words(term("Kinds of machines")),
                QStringLiteral("<p>%1</p>\n")
                        .arg(escaped(words(term("None is a particular printer. Take the nearest, or have "
                                                "yours described by questions.")))) +
                    table({words(term("Name")), words(term("Id")), words(term("Room, mm")),
                           words(term("Nozzles")), words(term("Filaments at once")), words(term("Note"))},
                          rows));
}

QString title_of(const QString& html) {
    static const QRegularExpression title(QStringLiteral("<title>(.*?)</title>"),
                                          QRegularExpression::DotMatchesEverythingOption);
    return QTextDocumentFragment::fromHtml(title.match(html).captured(1)).toPlainText();
}

Status write(const QString& path, const QByteArray& bytes) {
    return write_file(path.toStdString(), bytes.toStdString());
}

} // namespace

QString word_of(const Term& term) {
    return words(term.words).section(QLatin1Char('|'), 0, 0);
}

QString guide_folder() {
    return shipped_folder(QStringLiteral("guide"), QStringLiteral("docs/guide"));
}

std::vector<GuidePage> guide_pages(const QString& folder, const QString& language) {
    std::vector<GuidePage> out;
    for (const char* name : kWritten) {
        const QString file = QLatin1String(name) + QStringLiteral(".html");
        QString html = read(folder + QLatin1Char('/') + language + QLatin1Char('/') + file);
        if (html.isEmpty())
            html = read(folder + QStringLiteral("/en/") + file);
        if (!html.isEmpty())
            out.push_back({file, title_of(html), html, {}});
    }
    for (const GuidePage& page : {terms_page(), settings_page(), materials_page(), machines_page()})
        out.push_back(page);
    for (GuidePage& page : out)
        page.text = QTextDocumentFragment::fromHtml(page.html).toPlainText().simplified();
    return out;
}

std::vector<GuideHit> search_guide(const std::vector<GuidePage>& pages, const QString& words) {
    const QStringList wanted = words.simplified().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    static const QRegularExpression heading(QStringLiteral("<h2[^>]*>(.*?)</h2>"));
    std::vector<GuideHit> hits;
    std::vector<int> weights;
    for (const GuidePage& page : pages) {
        if (wanted.isEmpty())
            break;
        const QString& text = page.text;
        GuideHit hit{page.file, page.title, {}, 0};
        int in_title = 0, in_heading = 0; // of the one that has most of them
        bool all = true;
        for (auto m = heading.globalMatch(page.html); m.hasNext();) {
            const QString text_of = m.next().captured(1);
            in_heading = std::max(in_heading, static_cast<int>(std::count_if(
                                                  wanted.begin(), wanted.end(), [&](const QString& word) {
                                                      return text_of.contains(word, Qt::CaseInsensitive);
                                                  })));
        }
        for (const QString& word : wanted) {
            const int n = static_cast<int>(text.count(word, Qt::CaseInsensitive));
            all = all && n > 0;
            hit.places += n;
            in_title += page.title.contains(word, Qt::CaseInsensitive);
        }
        if (!all)
            continue;
        const qsizetype at = text.indexOf(wanted.front(), page.title.size(), Qt::CaseInsensitive),
                        from = std::max<qsizetype>(
                            0, text.lastIndexOf(QLatin1Char(' '), std::max<qsizetype>(0, at - 60)));
        hit.excerpt = text.mid(from, 180).trimmed();
        const int weight = 10000 * in_title + 100 * in_heading + hit.places;
        const auto place =
            std::find_if(weights.begin(), weights.end(), [&](int w) { return w < weight; }) - weights.begin();
        weights.insert(weights.begin() + place, weight);
        hits.insert(hits.begin() + place, hit);
    }
    return hits;
}

Status write_guide(const QString& into, const QString& language) {
    const QString folder = guide_folder(), pages = into + QLatin1Char('/') + language;
    if (folder.isEmpty())
        return Error{say("The guide is not installed.")};
    if (!QDir().mkpath(pages) || !QDir().mkpath(into + QStringLiteral("/screenshots")))
        return Error{say("{}: cannot be made.", into.toStdString())};
    static const QRegularExpression picture(QStringLiteral("\\.\\./\\.\\./screenshots/([\\w-]+\\.png)"));
    for (const GuidePage& page : guide_pages(folder, language)) {
        QString html = page.html;
        for (auto m = picture.globalMatch(html); m.hasNext();) {
            const QString name = m.next().captured(1), to = into + QStringLiteral("/screenshots/") + name;
            QFile from(folder + QStringLiteral("/../screenshots/") + name);
            if (QFileInfo::exists(to))
                continue;
            if (!from.open(QIODevice::ReadOnly))
                return Error{say("{}: cannot be read.", from.fileName().toStdString())};
            if (const Status ok = write(to, from.readAll()); !ok)
                return ok;
        }
        html.replace(QStringLiteral("../../screenshots/"), QStringLiteral("../screenshots/"));
        if (const Status ok = write(pages + QLatin1Char('/') + page.file, html.toUtf8()); !ok)
            return ok;
    }
    return write(into + QStringLiteral("/guide.css"), read(folder + QStringLiteral("/guide.css")).toUtf8());
}

} // namespace vitrail
