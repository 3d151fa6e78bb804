using FairCompass.Core.Checks;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <content>The briefing that is spoken: the same sentences as on the papers, in the order of the floor.</content>
public sealed partial class BriefBuilder
{
    /// <summary>More lines than this are not read from the back of a hall.</summary>
    private const int MostLines = 9;

    /// <summary>What the head judge says to judges or to athletes.</summary>
    /// <param name="to"><see cref="Audience.Judge"/> or <see cref="Audience.Athlete"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">Nobody else is spoken to.</exception>
    public Talk Speak(Audience to)
    {
        if (to is not (Audience.Judge or Audience.Athlete))
        {
            throw new ArgumentOutOfRangeException(nameof(to), to, "A briefing is spoken to judges or to athletes.");
        }

        audience = to;
        List<TalkPart> parts =
        [
            .. Told(),
            .. OnTheClock(),
            .. StandardsShown().Concat(Book.Rules(u.Workout).Select(InForce)).SelectMany(OfStandard),
            .. to == Audience.Judge ? Listed(WriteDown()) : [],
            .. Listed(Scoring()),
            .. Listed(PoliciesInForce()),
            .. Listed(CautionsOf()),
            new(
                Say("Questions", "Preguntas"),
                [Say("Questions now", "Preguntas ahora")],
                [
                    Say(
                        "Ask now. During the heat a question waits until the heat is over, and goes to the head judge.",
                        "Preguntas ahora. Durante la tanda una pregunta espera hasta el final y va al juez principal."
                    ),
                ]
            ),
        ];
        return new(
            to,
            u.Competition.Name,
            u.Workout.Title,
            tongue.Join(DivisionsShown),
            options.Language,
            (options.Published ?? Fingerprint.Of(u)).Code,
            u.Findings().Count(f => f.Severity == Severity.MustFix),
            parts.ToEq()
        );
    }

    /// <summary>The work, a part for each stage of the clock; a long one goes on in the next.</summary>
    private IEnumerable<TalkPart> Told() =>
        StagesShown()
            .Select(stage => SpokenWork.Of([stage], tongue, u.Workout.Order ?? DutyOrder.ManWoman).Select(l => l.Text).ToList())
            .SelectMany(lines => lines.Chunk(MostLines))
            .Select(lines => new TalkPart(u.Workout.Title, lines.Select(l => l.TrimEnd(':')).ToEq(), lines.Select(Sentence).ToEq()));

    private IEnumerable<TalkPart> OnTheClock() =>
        Clocks()
            .Where(c => c.Calls.Count > 0)
            .SelectMany(c => c.Calls.Chunk(MostLines).Select(calls => (Clock: c, Calls: calls)))
            .Select(x => new TalkPart(
                Say("The clock", "El reloj") + (WhoseOf(x.Clock) is { } who ? $", {who}" : ""),
                x.Calls.Select(c => $"{c.At}  {Words.Capital(c.Words)}").ToEq(),
                x.Calls.Select(c => Sentence(Say($"At {c.At} you hear {Spoken(c)}", $"A los {c.At} se oye {Spoken(c)}"))).ToEq()
            ));

    /// <summary>Good first, then each likely no-rep by itself, then the others in one.</summary>
    private IEnumerable<TalkPart> OfStandard(Movement standard)
    {
        var name = Named(standard);
        var good = standard.Clauses.Where(c => c.Kind is ClauseKind.Required or ClauseKind.Forbidden && c.Phase > Phase.SetUp).ToList();
        var figures = Plate.Of(standard)?.Positions.Select(p => new BriefFigure(tongue.Say(p.Title), null, true, p.Drawing)).ToEq() ?? [];
        foreach (var some in good.Chunk(MostLines))
        {
            yield return new(
                name + Say(": good", ": válida"),
                some.Select(c => Worded(standard, c)).ToEq(),
                some.Select(c => Worded(standard, c)).ToEq()
            )
            {
                Demonstrate = Say("Show a good rep.", "Muestra una repetición válida."),
                Figures = figures,
            };
        }

        var likely = OnPageOne(standard).ToList();
        foreach (var fault in likely)
        {
            yield return new(
                name + Say(": no rep", ": fallo"),
                [tongue.Say(fault.Sign), Quoted(fault.Call)],
                [
                    tongue.Say(fault.Sign),
                    Say($"The call is {Quoted(fault.Call)}.", $"El aviso es {Quoted(fault.Call)}."),
                    tongue.Say(fault.Athlete),
                ]
            )
            {
                Demonstrate = Say("Show the fault.", "Muestra el fallo."),
            };
        }

        foreach (var others in standard.Faults.Except(likely).Chunk(MostLines / 2))
        {
            yield return new(
                name + Say(": also a no-rep", ": también es fallo"),
                others.Select(f => $"{tongue.Say(f.Sign)} {Quoted(f.Call)}").ToEq(),
                others.SelectMany(f => new[] { tongue.Say(f.Sign), Quoted(f.Call) + "." }).ToEq()
            );
        }
    }

    /// <summary>A section of sentences as parts of the talk; none where it has none.</summary>
    private static IEnumerable<TalkPart> Listed(BriefSection section) =>
        section
            .Blocks.OfType<BriefBlock.Points>()
            .SelectMany(p => p.Items)
            .Chunk(MostLines)
            .Select(items => new TalkPart(section.Heading, items.ToEq(), items.Select(Sentence).ToEq()));

    private static string Sentence(string line) =>
        line.EndsWith(':') ? line[..^1] + "."
        : line.EndsWith('.') ? line
        : line + ".";
}
