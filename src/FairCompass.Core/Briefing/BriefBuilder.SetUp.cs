using FairCompass.Core.Courses;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Briefing;

/// <summary>What carries which load at which height: on the floor crew’s sheet for all lanes, on a card for its own.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>One movement with what is set up for it.</summary>
    private sealed record SetUpRow(string What, string Who, string Load, string Height);

    /// <summary>A row for each movement and each load or height that it has among some columns.</summary>
    /// <param name="whose">The columns.</param>
    /// <param name="own">True leaves a blank for what is measured from a body.</param>
    private List<SetUpRow> SetUp(IReadOnlyList<Address> whose, bool own)
    {
        var rows = new List<SetUpRow>();
        var tasks = PrescribedTo(whose)
            .GroupBy(p => p.Around is { } complex ? (complex.At.Line, "") : (p.Source.At.Line, p.Prescription.Movement.Value))
            .OrderBy(g => g.Key.Line);
        foreach (var task in tasks)
        {
            // The lifts of a complex share one bar, which is set up once.
            var loads = task.GroupBy(p =>
                (
                    Text: Carried(p, Book.Find(p.Prescription.Movement.Value)),
                    Height: string.Join(
                        ", ",
                        p.Prescription.Heights.Select(h => h.Value.In(tongue) + (own && h.Value.IsFromTheBody ? " = ____" : ""))
                            .Concat(p.Prescription.Rising is { } rising ? [rising.Value.In(tongue)] : [])
                    )
                )
            );
            foreach (var load in loads.Where(g => g.Key.Text.Length > 0 || g.Key.Height.Length > 0))
            {
                var from = $"kit/{load.First().Source.At.Line}/{load.First().Address}";
                rows.Add(
                    new(
                        Cite(from, Words.Capital(tongue.Join(load.Select(p => tongue.Movement(p.Prescription.Movement.Value)).Distinct()))),
                        Cite(
                            from,
                            own && load.Select(p => p.Address).Distinct().Count() < whose.Count
                                ? tongue.Join(load.Select(p => p.Address.WithinIn(tongue)).Distinct())
                                : WhoOf(load.Select(p => p.Address), whose)
                        ),
                        Cite(from, load.Key.Text),
                        Cite(from, load.Key.Height)
                    )
                );
            }
        }

        return [.. rows.Distinct()];
    }

    /// <summary>On a card: what the judge of the lane sees there before “go”.</summary>
    private IEnumerable<BriefSection> OfThisLane(Course course)
    {
        var whose = u
            .Resolver.Addresses.Where(a =>
                a.Division == course.Address.Division
                && a.Level == course.Address.Level
                && (course.Address.Duty is null || a.Duty == course.Address.Duty)
            )
            .ToList();
        if (SetUp(whose, own: true) is { Count: > 0 } rows)
        {
            var several = whose.Count > 1;
            yield return new(
                "lane",
                Say("In this lane", "En esta calle"),
                [
                    new BriefBlock.Table(
                        null,
                        [
                            Say("For", "Para"),
                            .. several ? [Say("Who", "Quién")] : Array.Empty<string>(),
                            Say("Load", "Carga"),
                            Say("Height", "Altura"),
                        ],
                        rows.Select(r => new BriefRow([r.What, .. several ? [r.Who] : Array.Empty<string>(), r.Load, r.Height])).ToEq()
                    ),
                ]
            );
        }
    }
}
