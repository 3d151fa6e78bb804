using System.Text.RegularExpressions;
using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Briefing;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Languages;

/// <summary>One text, two forms of Spanish: the words of the floor change with what agrees with them, and nothing else does.</summary>
public sealed partial class AmericanSpanishTests
{
    [Theory]
    [InlineData("La barra está en la calle.", "La barra está en el carril.")]
    [InlineData("Los discos de la calle llegan a 8.", "Los discos del carril llegan a 8.")]
    [InlineData("Volver a la calle.", "Volver al carril.")]
    [InlineData("Una calle necesita 2 jueces.", "Un carril necesita 2 jueces.")]
    [InlineData("Calle, atrás", "Carril, atrás")]
    [InlineData("fuera de la calle vecina", "fuera del carril vecino")]
    [InlineData("Esto vale desde la primera tanda.", "Esto vale desde el primer heat.")]
    [InlineData("la mejor puntuación B", "el mejor puntaje B")]
    [InlineData("Las puntuaciones pesan 1 y 2.", "Los puntajes pesan 1 y 2.")]
    [InlineData("Cambios durante la prueba", "Cambios durante el evento")]
    [InlineData("cierres puestos", "seguros puestos")]
    [InlineData("Con la señal, se para.", "Con la bocina, se para.")]
    [InlineData("Vosotros cambiáis los discos, a la señal del juez.", "Ustedes cambian los discos, a la bocina del juez.")]
    [InlineData("power snatch (arrancada)", "power snatch (arranque)")]
    [InlineData("24 saltos por encima del cajón", "24 saltos sobre el cajón")]
    [InlineData("Nota: «la calle de la prueba» en la calle", "Nota: «la calle de la prueba» en el carril")]
    [InlineData("El blanco cuelga.", "El objetivo cuelga.")]
    [InlineData("callejón, comprobado, puntual", "callejón, comprobado, puntual")]
    [InlineData("", "")]
    public void A_text_changes_with_what_agrees(string spain, string americas)
    {
        Assert.Equal(americas, AmericanSpanish.Of(spain));
        Assert.Equal(americas, AmericanSpanish.Of(americas));
    }

    /// <summary>Words that a judge there does not say, and articles that no longer agree.</summary>
    [GeneratedRegex(
        @"\b(calles?|puntuación|puntuaciones|pruebas?|tandas?|cierres?|comba|señal|equipo de pista|vosotros|\w+áis)\b"
            + @"|\b(la|una|las|esta|otra|última|primera) (carril|carriles|puntajes?|eventos?|heats?|objetivos?)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Wrong { get; }

    [GeneratedRegex("«[^»]*»")]
    private static partial Regex SomebodysOwn { get; }

    [GeneratedRegex(@"\d+(?:[.:]\d+)*")]
    private static partial Regex Number { get; }

    /// <summary>A third of the demo, in the long run all of it; the whole book is looked through beside it.</summary>
    public static TheoryData<string> Drafts => Depth.DemoRows(3, 0);

    private static IEnumerable<Brief> Papers(string name, SpanishOf form)
    {
        var u = Understanding.Of(Demo.Competition with { Spanish = form }, DraftTexts.Read(name));
        return PaperNames.All.Select(a =>
            new BriefBuilder(u, null, new(2027, 6, 12), BriefOptions.Usual with { Language = Language.Spanish }).Build(a)
        );
    }

    [Theory]
    [MemberData(nameof(Drafts))]
    public void No_paper_mixes_them_and_the_numbers_are_the_same(string name)
    {
        foreach (var (americas, spain) in Papers(name, SpanishOf.Americas).Zip(Papers(name, SpanishOf.Spain)))
        {
            var said = BriefText.Lines(americas).Append(americas.Paper).Append(americas.Status).ToList();
            Assert.DoesNotContain(said, l => Wrong.IsMatch(SomebodysOwn.Replace(l, "")));
            Assert.Equal(Numbers(BriefText.Lines(spain)), Numbers(BriefText.Lines(americas)));
        }
    }

    private static List<string> Numbers(IEnumerable<string> lines) =>
        lines.SelectMany(l => Number.Matches(l).Select(m => m.Value)).Order(StringComparer.Ordinal).ToList();

    /// <summary>The whole book too: what no demo uses must not be forgotten.</summary>
    [Fact]
    public void No_sentence_of_the_book_mixes_them()
    {
        var texts = MovementLibrary
            .All.Concat(MovementLibrary.Rules)
            .SelectMany(m =>
                m.Clauses.Select(c => c.Text)
                    .Concat(m.Faults.SelectMany(f => new[] { f.Sign, f.Call, f.Athlete }))
                    .Concat([m.Name, m.Plural, m.Judge.Place, m.Judge.Call])
                    .Concat(m.Cautions)
                    .Concat(m.Measures)
                    .Concat(m.Relaxations)
            );
        Assert.DoesNotContain(texts, t => Wrong.IsMatch(SomebodysOwn.Replace(AmericanSpanish.Of(t.Spanish!), "")));
    }

    [Theory]
    [InlineData("deadlift (peso muerto)", "deadlifts (peso muerto)")]
    [InlineData("toes to bar", "toes to bar")]
    [InlineData("clean and jerk con kettlebell", "cleans and jerks con kettlebell")]
    [InlineData("pull-up estricto (dominada)", "pull-ups estrictos (dominada)")]
    [InlineData("elevación de rodillas", "elevaciones de rodillas")]
    [InlineData("burpee sincronizado", "burpees sincronizados")]
    [InlineData("repetición arriba de cualquier manera", "repeticiones arriba de cualquier manera")]
    [InlineData("abdominal en banco lumbar", "abdominales en banco lumbar")]
    [InlineData("zancada con la barra al frente", "zancadas con la barra al frente")]
    [InlineData("bench press (press de banca)", "bench presses (press de banca)")]
    public void Several_have_a_word_of_their_own(string one, string many) => Assert.Equal(many, Plurals.Spanish(one));
}
