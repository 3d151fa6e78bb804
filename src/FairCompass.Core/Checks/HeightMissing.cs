using FairCompass.Core.InForce;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A movement that is judged against a box, target, or line whose height nobody has said.</summary>
public sealed class HeightMissing : ICheck
{
    /// <summary>What each clause of the set-up needs: a height on something, and for some one from a mark on the athlete.</summary>
    private static readonly Dictionary<string, (HeightKind On, bool FromAMark, string Words, string Example)> Needed = new(
        StringComparer.Ordinal
    )
    {
        ["setup-box"] = (HeightKind.Box, false, "height of its box", "box 60/50 cm"),
        ["setup-target"] = (HeightKind.Target, false, "height of its target", "target 3.00/2.75 m"),
        ["setup-reach"] = (HeightKind.Target, true, "height of its target above the reach", "target 15 cm above reach"),
        ["setup-line"] = (HeightKind.Line, true, "distance of its line from the mark", "line 3 in below the wrists"),
    };

    /// <inheritdoc/>
    public string Id => "height-missing";

    /// <inheritdoc/>
    public string Title => "A box, target, or line without a height";

    /// <inheritdoc/>
    public string Why => "What a rep is judged against would differ from lane to lane.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        return from t in context.Prescribed
            where !t.IsMenuHead && t.Source.Amount is not Amount.Highest && !t.Source.Details.Any(d => d is Detail.Figure)
            let movement = book.Find(t.Prescription.Movement.Value)
            where movement is not null && movement.Clauses.Any(c => Needed.ContainsKey(c.Id))
            from clause in book.InForce(movement, t.Address.Division.Name, context.Workout, t.Source)
                .Clauses.Where(c => Needed.ContainsKey(c.Id))
            let needed = Needed[clause.Id]
            where
                !t.Prescription.Heights.Any(h =>
                    h.Value.On == needed.On && (!needed.FromAMark || h.Value.From is not null || needed.On == HeightKind.Target)
                )
            let at = t.Prescription.Movement.From.At
            group t.Address by (at.Line, at.Column, at.Length, movement.Name.English, needed.Words, needed.Example) into g
            select new Report(
                new(g.Key.Line, g.Key.Column, g.Key.Length),
                $"{Who(g.Distinct().ToList(), context.Resolver.Addresses)}: the {g.Key.English} has no {g.Key.Words}, such as “"
                    + $"{g.Key.Example}”."
            );
    }

    /// <summary>All, so many, or each by name: a level of every division would make a list that nobody reads.</summary>
    private static string Who(List<Address> some, IReadOnlyList<Address> all) =>
        some.Count == all.Count ? "All"
        : some.Select(a => a.Level).Distinct().ToList() is [{ } level] && some.Count == all.Count(a => a.Level == level) ? level
        : Words.Join(Entries.Named(some, all, Languages.Tongue.English));
}
