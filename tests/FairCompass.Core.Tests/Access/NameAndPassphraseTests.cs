using System.Diagnostics;
using CsCheck;
using FairCompass.Access;

namespace FairCompass.Core.Tests.Access;

/// <summary>Names and passphrases as people type them, and as others misuse them.</summary>
public class NameAndPassphraseTests
{
    [Theory]
    // Letters of other scripts that look like Latin ones: pairs of the confusables of Unicode Technical Standard 39, from memory.
    [InlineData("Olga", "Оlga")]
    [InlineData("pace", "расе")]
    [InlineData("Anna", "anna ")]
    [InlineData("José", "Jose\u0301")]
    [InlineData("José", "Jose")]
    [InlineData("Bill", "Bi11")]
    [InlineData("Bill", "BiIl")]
    [InlineData("Otto", "0tt0")]
    [InlineData("Lane Desk", "lane-desk")]
    [InlineData("Νora", "Nora")]
    public void Names_that_look_alike_are_one(string one, string other) => Assert.Equal(SignInName.Key(one), SignInName.Key(other));

    [Theory]
    [InlineData("Anna", "Hanna")]
    [InlineData("Jan", "Jon")]
    [InlineData("Łukasz", "Lukas")]
    public void Names_that_differ_are_two(string one, string other) => Assert.NotEqual(SignInName.Key(one), SignInName.Key(other));

    [Theory]
    [InlineData("A", false)]
    [InlineData("Al", true)]
    [InlineData("Zoë O’Neil-Weiß", true)]
    [InlineData("山田 太郎", true)]
    [InlineData("   ", false)]
    [InlineData("a\u202Eb", false)]
    [InlineData("a\u0000b", false)]
    [InlineData("<b>x</b>", false)]
    [InlineData("Anna 🚣", false)]
    public void A_name_has_letters_and_what_stands_between_them(string name, bool good) =>
        Assert.Equal(good, SignInName.Objection(name) is null);

    [Theory]
    [InlineData("x", false)]
    [InlineData("elevenchars", false)]
    [InlineData("twelve chars", true)]
    [InlineData("aaaaaaaaaaaaaaaa", false)]
    [InlineData("🚣🌊⛵⚓🐟🦀🐚🌅🧭🪢🛶🏖", true)]
    [InlineData("demo organiser", false)]
    [InlineData("Demo-Organiser!", false)]
    public void Length_is_what_counts(string passphrase, bool good) =>
        Assert.Equal(good, Passphrase.Objection(passphrase, "Demo organiser") is null);

    [Fact]
    public void A_passphrase_of_ten_thousand_letters_is_refused_without_being_read_to_its_end()
    {
        Assert.Contains("at most", Passphrase.Objection(new string('x', 5_000) + new string('y', 5_000), "Anna"), StringComparison.Ordinal);
        Assert.Contains(
            "at most",
            Passphrase.Objection(string.Concat(Enumerable.Repeat("e\u0301", 5_000_000)), "Anna"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Accents_are_the_same_from_every_keyboard_and_large_letters_differ()
    {
        Assert.Equal(Passphrase.Composed("caf\u00e9 am Hafen"), Passphrase.Composed("cafe\u0301 am Hafen"));
        Assert.Equal("Ecluse am Hafen", Passphrase.Composed("\u00c9cluse am Hafen"));
        Assert.NotEqual(Passphrase.Composed("am Hafen"), Passphrase.Composed("am hafen"));
    }

    /// <summary>Whatever is typed, half letters included, is answered.</summary>
    [Fact]
    public void Any_text_is_looked_at() =>
        Gen
            .Char.Array[0, 40]
            .Sample(
                letters =>
                {
                    var text = new string(letters);
                    _ = SignInName.Objection(text);
                    _ = Passphrase.Objection(text, text);
                    _ = Passphrase.Composed(text);
                    Assert.Equal(SignInName.Key(text), SignInName.Key(SignInName.Shown(text)));
                },
                iter: 2_000
            );

    [Fact]
    public void Who_errs_waits_twice_as_long_each_time_and_never_for_good()
    {
        Assert.Equal(TimeSpan.Zero, SessionTimes.Wait(SessionTimes.FreeTries - 1));
        Assert.Equal(TimeSpan.FromSeconds(2), SessionTimes.Wait(SessionTimes.FreeTries));
        Assert.Equal(TimeSpan.FromSeconds(4), SessionTimes.Wait(SessionTimes.FreeTries + 1));
        Assert.Equal(SessionTimes.Remembered, SessionTimes.Wait(int.MaxValue));
    }
}
