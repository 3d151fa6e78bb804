using System.Text;
using System.Text.RegularExpressions;
using FairCompass.Core.Briefing;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Tests.Languages;

public class GlossaryTests
{
    /// <summary>Every built-in text that is written as a pair.</summary>
    private static IEnumerable<Said> Pairs() =>
        MovementLibrary
            .All.SelectMany(m =>
                m.Clauses.Select(c => c.Text)
                    .Concat(m.Faults.SelectMany(f => new[] { f.Sign, f.Call, f.Athlete }))
                    .Concat([m.Family, m.Judge.Place, m.Judge.Call])
                    .Concat(m.Cautions)
                    .Concat(m.Measures)
                    .Concat(m.Relaxations)
            )
            .Concat(
                Topics.All.SelectMany(t =>
                    t.Schools.SelectMany(s => new[] { s.Label, s.Judges, s.Athletes }).Prepend(t.Why).Prepend(t.Question)
                )
            )
            .Concat(Enum.GetValues<Audience>().Select(PaperNames.Of))
            .Concat(Enum.GetValues<Phase>().Select(StandardWords.Of))
            .Append(Cautions.Always)
            .Distinct();

    /// <summary>One Spanish term for each English one, on every paper: wherever a pair has the English term, it has the Spanish
    /// one.</summary>
    [Fact]
    public void Every_pair_speaks_in_the_terms_of_the_glossary()
    {
        var pairs = Pairs().ToList();
        Assert.True(pairs.Count > 800);
        var strange = pairs
            .SelectMany(p =>
                Glossary
                    .Terms.Where(t =>
                        Regex.IsMatch(p.English, $@"(?<![-\w]){Regex.Escape(t.English)}(s|es)?(?![-\w])", RegexOptions.IgnoreCase)
                        && !t.Forms.Any(f => p.Spanish!.Contains(f, StringComparison.OrdinalIgnoreCase))
                    )
                    .Select(t => $"{t.English} = {t.Spanish}: {p.English} | {p.Spanish}")
            )
            .ToList();
        Assert.True(strange.Count == 0, string.Join('\n', strange));
    }

    [Fact]
    public void No_pair_lacks_its_spanish() =>
        Assert.All(Pairs().Concat(MovementLibrary.All.Select(m => m.Name)), p => Assert.False(string.IsNullOrWhiteSpace(p.Spanish)));

    [Fact]
    public void Terms_are_in_order_and_once()
    {
        Assert.Equal(Glossary.Terms.Select(t => t.English).Order(StringComparer.Ordinal), Glossary.Terms.Select(t => t.English));
        Assert.Equal(Glossary.Terms.Count, Glossary.Terms.Select(t => t.English).Distinct().Count());
        Assert.Equal(Glossary.Terms.Count, Glossary.Terms.Select(t => t.Spanish).Distinct().Count());
        Assert.All(Glossary.Terms, t => Assert.Contains(t.Forms[0], t.Spanish, StringComparison.Ordinal));
    }

    [Fact]
    public void The_printed_glossary_is_current()
    {
        var page = new StringBuilder(
            "# Glossary\n\nThe terms of the papers, common practice of the trade in both languages. This page is printed from "
                + "`src/FairCompass.Core/Languages/Glossary.cs`; a test compares the two, and another compares every built-in pair "
                + "of texts with the terms.\n\n| English | Spanish of Spain | of the Americas |\n|---|---|---|\n"
        );
        foreach (var term in Glossary.Terms)
        {
            page.Append("| ")
                .Append(term.English)
                .Append(" | ")
                .Append(term.Spanish)
                .Append(" | ")
                .Append(AmericanSpanish.Of(term.Spanish))
                .Append(" |\n");
        }

        page.Append(
            "\n## Usual names in drafts\n\nWhat drafts write after `by`, `at`, `above`, and `below`. Any other name is its "
                + "author’s and stands in «» on a Spanish paper.\n\n| Draft | Spanish paper |\n|---|---|\n"
        );
        foreach (var (english, spanish) in Glossary.InDrafts.OrderBy(x => x.Key, StringComparer.Ordinal))
        {
            page.Append("| ").Append(english).Append(" | ").Append(spanish).Append(" |\n");
        }

        Docs.Same("glossary.md", page.ToString());
    }

    [Theory]
    [InlineData("2nd", "2.º")]
    [InlineData("11th", "11.º")]
    [InlineData("2th", "2th")]
    [InlineData("round 3", "ronda 3")]
    [InlineData("cycle 12", "ciclo 12")]
    [InlineData("woman", "mujer")]
    [InlineData("Meadow", "Meadow")]
    [InlineData("round table", "round table")]
    [InlineData("d", "d")]
    [InlineData("", "")]
    public void Reserved_words_of_drafts_are_translated_and_names_are_not(string name, string spanish)
    {
        Assert.Equal(spanish, Tongue.Spanish.Name(name));
        Assert.Equal(name, Tongue.English.Name(name));
    }

    [Theory]
    [InlineData("a, b y c", "a", "b", "c")]
    [InlineData("barra e impulso", "barra", "impulso")]
    [InlineData("barra e hilo", "barra", "hilo")]
    [InlineData("barra y hierro", "barra", "hierro")]
    [InlineData("solo", "solo")]
    [InlineData("")]
    public void Spanish_joins_with_y_and_with_e_before_an_i_sound(string joined, params string[] words) =>
        Assert.Equal(joined, Tongue.Spanish.Join(words));

    [Theory]
    [InlineData("uno u otro", "uno", "otro")]
    [InlineData("uno u horas", "uno", "horas")]
    [InlineData("uno o dos", "uno", "dos")]
    public void Spanish_chooses_with_o_and_with_u_before_an_o_sound(string joined, params string[] words) =>
        Assert.Equal(joined, Tongue.Spanish.Either(words));

    [Fact]
    public void A_text_without_spanish_is_marked_as_the_authors()
    {
        Assert.Equal("«Feet together.» (texto original del autor)", new Said("Feet together.").In(Language.Spanish));
        Assert.Equal("por encima del alcance", Glossary.Above("reach", Tongue.Spanish));
        Assert.Equal("por debajo de las muñecas", Glossary.Below("the wrists", Tongue.Spanish));
        Assert.Equal("por encima de «the blue mark»", Glossary.Above("the blue mark", Tongue.Spanish));
        Assert.Equal("above the blue mark", Glossary.Above("the blue mark", Tongue.English));
    }
}
