using FairCompass.Core.Drafts;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;

namespace FairCompass.Core.Briefing;

/// <content>What a judge has in hand: the page that stands alone.</content>
public sealed partial class BriefBuilder
{
    /// <summary>So many likely no-reps find room beside the rest of page one.</summary>
    private const int MostLikely = 9;

    /// <summary>More policies than this stand behind page one only.</summary>
    private const int MostPolicies = 6;

    /// <summary>More things to write down than this stand on the card only.</summary>
    private const int MostWritten = 5;

    /// <summary>The no-reps that will most likely have to be called, of each movement and of the rules of a team.</summary>
    private BriefSection Likely()
    {
        var rows = StandardsShown().Concat(Book.Rules(u.Workout).Select(InForce)).SelectMany(LikelyOf).ToEq();
        return new(
            "likely",
            Say("The likely no-reps", "Los fallos más probables"),
            rows.Count == 0
                ? []
                :
                [
                    new BriefBlock.Table(
                        null,
                        [
                            "",
                            Say("What you see or hear", "Qué ves u oyes"),
                            Say("Call", "Aviso"),
                            Say("The athlete must", "El atleta debe"),
                        ],
                        rows
                    ),
                    new BriefBlock.Paragraph(Unless()),
                ]
        );
    }

    /// <summary>Rules of a team that page one has a no-rep of.</summary>
    private const int MostRules = 3;

    /// <summary>Up to three of a movement, fewer where there are many; one of each of the first rules of a team.</summary>
    private IEnumerable<Fault> OnPageOne(Movement standard)
    {
        var rules = Book.Rules(u.Workout).Select(r => r.Id).ToList();
        var rule = rules.IndexOf(standard.Id);
        return LikelyNoReps.Of(
            standard,
            rule >= MostRules ? 0
                : rule >= 0 ? 1
                : Math.Clamp((MostLikely - Math.Min(rules.Count, MostRules)) / Math.Max(StandardsShown().Count, 1), 1, 3)
        );
    }

    /// <summary>The name of the movement stands once, in the first of its rows.</summary>
    private IEnumerable<BriefRow> LikelyOf(Movement standard) =>
        OnPageOne(standard)
            .Select(
                (f, i) =>
                    new BriefRow(
                        new[] { tongue.Say(f.Sign), Quoted(f.Call), NextOf(f) }
                            .Select(t => Cite($"fault/{standard.Id}/{f.Breaks}", t))
                            .Prepend(i == 0 ? Named(standard) : "")
                            .ToEq()
                    )
            );

    /// <summary>The policies that a movement of this workout raises, a line each, and where the head judge signs for them.</summary>
    private BriefSection PoliciesInForce()
    {
        var decided = Decided.Of(u, DivisionsShown).ToList();
        var lines = decided
            .Take(MostPolicies)
            .Select(d => Cite($"topic/{d.Topic.Name}", (d.For.Count == 0 ? "" : tongue.Join(d.For) + ": ") + OnTopic(d) + "."))
            .ToList();
        if (decided.Count > MostPolicies)
        {
            lines.Add(Say("More stand overleaf.", "Otras están al dorso."));
        }

        return new(
            "in-force",
            Say("In force here", "En vigor aquí"),
            decided.Count == 0
                ? []
                : [new BriefBlock.Points(lines.ToEq()), new BriefBlock.Blanks([Say("Head judge, signature", "Juez principal, firma")])]
        );
    }

    private string OnTopic(Decision d) => $"{Words.Capital(tongue.Say(TopicNames.Of(d.Topic)))}: {Words.Lower(tongue.Say(d.Label))}";
}
