using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Briefing;

/// <content>What only the head judge’s copy has.</content>
public sealed partial class BriefBuilder
{
    /// <summary>What the checks found and somebody lets stand, with the reason, and what is still open; each with its line.</summary>
    private BriefSection LetStand()
    {
        var notes = u.Findings()
            .OrderBy(f => f.IsOpen)
            .Select(f =>
                f.Waived is { } reason
                    ? Say($"Line {f.At.Line}, let stand", $"Línea {f.At.Line}, se deja así")
                        + $": {Own(f.Sentence)} {Say("Because", "Porque")}: {Own(reason)}"
                    : Say($"Line {f.At.Line}, open", $"Línea {f.At.Line}, por decidir") + $": {Own(f.Sentence)}"
            )
            .Select(t => Cite("notes", t))
            .ToEq();
        return new(
            "head-judge",
            Say("For the head judge: notes of the checks", "Para el juez principal: notas de las comprobaciones"),
            notes.Count == 0
                ? [new BriefBlock.Paragraph(Say("The checks find nothing in this workout.", "Las comprobaciones no encuentran nada."))]
                : [new BriefBlock.Points(notes)]
        );

        // The checks speak English, and reasons are in somebody’s own words.
        string Own(string text) => tongue.Say(new Said(text));
    }
}
