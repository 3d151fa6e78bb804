using FairCompass.Core.InForce;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Partners do it together, and the position in which they must be is not said, or the movement does not have it.</summary>
public sealed class PositionUnsaid : ICheck
{
    /// <inheritdoc/>
    public string Id => "position";

    /// <inheritdoc/>
    public string Title => "Together, and nobody says where";

    /// <inheritdoc/>
    public string Why => "Half of the judges watch the floor and the other half the jump.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) => Unsaid(context).Concat(Elsewhere(context));

    private static IEnumerable<Report> Unsaid(CheckContext context) =>
        from task in context.TaskLines
        let movement = StandardsBook.Of(context.Competition).Find(task.Movement)
        where
            movement?.Clauses.Any(c => c.Id == "together") == true
            && !task.Lines.OfType<TaskLine.RuleOf>().Any(l => l.Rule is Rule.Share s && s.Phrases.Any(p => p.Is == ShareKind.TogetherAt))
            && !context.AllWork.Any(w => w is Work.RuleLine { Rule: Rule.Share s } && s.Phrases.Any(p => p.Is == ShareKind.TogetherAt))
        select new Report(
            task.At,
            "Together at which position?",
            [
                .. FloorOrJump.Select(p =>
                    context.Followed(task.At.Line, $"{context.Indent(task.At.Line)}  share: together at the {p}", $"Together at the {p}")
                ),
            ]
        );

    private static IEnumerable<Report> Elsewhere(CheckContext context) =>
        from task in context.TaskLines
        let movement = StandardsBook.Of(context.Competition).Find(task.Movement)
        where movement is not null
        from line in task.Lines.OfType<TaskLine.RuleOf>()
        let place = (line.Rule as Rule.Share)?.Phrases.FirstOrDefault(p => p.Is == ShareKind.TogetherAt)?.Text
        where place is not null && !Has(movement, place)
        select new Report(
            line.At,
            $"{Words.Capital(Words.A(movement.Name.English))} has no position at {place}.",
            context.Instead(line.At.Line, place, "the finish", "Together at the finish")
        )
        {
            Matters = Severity.ShouldFix,
        };

    /// <summary>True where the position is one that every rep has, or a word of it stands in a rule of the movement.</summary>
    private static bool Has(Movement movement, string place)
    {
        var words = place
            .Split(' ', '-')
            .Select(w => w.ToLowerInvariant())
            .Where(w => w.Length > 3 && w is not ("near" or "both"))
            .ToList();
        var rules = string.Join(' ', movement.Clauses.Select(c => $"{c.Text.English} {c.Of?.Reference} {c.Of?.BodyPart}"))
            .ToLowerInvariant();
        return words.Count == 0 || words.TrueForAll(w => EveryRep.Contains(w) || rules.Contains(w, StringComparison.Ordinal));
    }

    private static readonly string[] FloorOrJump = ["floor", "jump"];

    /// <summary>Positions that every rep has.</summary>
    private static readonly HashSet<string> EveryRep = new(StringComparer.Ordinal)
    {
        "start",
        "finish",
        "bottom",
        "top",
        "lockout",
        "lock-out",
        "lock",
        "rack",
        "overhead",
        "standing",
        "jump",
        "hang",
        "position",
        "turn",
        "touch",
    };
}
