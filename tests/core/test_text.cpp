#include "core/base/text.h"

#include "support.h"

#include <QStringDecoder>

using namespace vitrail;
using namespace vitrail::test;

class TestText : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void valid_text_stays();
    void latin_1_is_understood();
    void control_characters_go();
    void one_line_is_one_line();
    void anything_becomes_valid();
    void markup_is_text();
};

void TestText::valid_text_stays() {
    for (const char* s : {"", "plate", "Würfel", "日本語", "a\tb\nc", "\U0001F5FF", "“quoted” · ≥ 3 µm"})
        QCOMPARE(repaired(s), std::string(s));
}

void TestText::latin_1_is_understood() {
    QCOMPARE(repaired("W\xfcrfel"), std::string("Würfel"));
    QCOMPARE(repaired("\x93"
                      "Laterne\x94 5 \x80"),
             std::string("“Laterne” 5 €"));
}

void TestText::control_characters_go() {
    QCOMPARE(repaired(std::string("a\0b\x01" "c\x7f", 6)), std::string("abc"));
    QCOMPARE(repaired("a\u0085b\uffffc"), std::string("abc")); // C1 control, and what XML 1.0 (section 2.2) refuses
    QCOMPARE(repaired("a\r\nb"), std::string("a\nb"));
}

void TestText::one_line_is_one_line() {
    QCOMPARE(one_line("  top\nplate\t2\u2028x "), std::string("top plate 2 x"));
    QCOMPARE(one_line("\n\n"), std::string());
}

void TestText::anything_becomes_valid() {
    std::mt19937 rng(5);
    for (int i = 0; i < 20000; ++i) {
        std::string s(rng() % 12, '\0');
        for (char& c : s)
            c = static_cast<char>(rng() % 4 ? rng() : 0xc0 + rng() % 0x40); // many beginnings of long characters
        const std::string r = repaired(s);
        // Qt's decoder as the judge.
        QStringDecoder decode(QStringDecoder::Utf8, QStringDecoder::Flag::Stateless);
        const QString q = decode(QByteArray::fromStdString(r));
        QVERIFY(!decode.hasError());
        QCOMPARE(q.toStdString(), r);
        QCOMPARE(repaired(r), r);
    }
}

void TestText::markup_is_text() {
    QCOMPARE(html_escaped("<b>&\"'\x01"), std::string("&lt;b&gt;&amp;&quot;&#39;"));
}

VITRAIL_TEST(TestText)
#include "test_text.moc"
