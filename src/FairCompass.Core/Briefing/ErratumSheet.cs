using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Briefing;

/// <summary>A correction as it is announced.</summary>
/// <param name="Number">The version it makes.</param>
/// <param name="Code">That version’s fingerprint.</param>
/// <param name="Replaces">The fingerprint’s code on the paper it corrects.</param>
/// <param name="At">The day it was published.</param>
/// <param name="HoldsFrom">From when it holds, in the head judge’s words; empty for at once.</param>
/// <param name="Note">What the head judge says about it; may be empty.</param>
public sealed record Correction(int Number, Fingerprint Code, string Replaces, DateOnly At, string HoldsFrom, string Note);

/// <summary>The sheet for whoever holds the paper before: what is different, for whom, from when.</summary>
public static class ErratumSheet
{
    /// <summary>Makes the sheet.</summary>
    /// <param name="before">The version on the old paper.</param>
    /// <param name="now">The version that corrects it.</param>
    /// <param name="correction">How it was announced.</param>
    /// <param name="language">The language of the built-in words.</param>
    public static Brief Of(Understanding before, Understanding now, Correction correction, Language language)
    {
        var tongue = StandardsBook.Of(now.Competition).Tongue(language);
        var difference = Differences.Between(before, now, language);
        return new(
            Audience.Holder,
            now.Competition.Name,
            now.Workout.Title,
            tongue.Join(now.Courses.Select(c => c.Address.Division.Name).Distinct()),
            correction.At,
            correction.Code.Code,
            0,
            [
                new(
                    "changes",
                    tongue.Say(
                        $"Your paper says {correction.Replaces}? Change it as follows.",
                        $"¿Tu papel dice {correction.Replaces}? Cámbialo así."
                    ),
                    Blocks(difference, correction, tongue)
                ),
            ]
        )
        {
            Version = correction.Number,
            Language = language,
        };
    }

    private static Eq<BriefBlock> Blocks(Difference difference, Correction correction, Tongue tongue)
    {
        var from =
            correction.HoldsFrom.Length == 0 ? tongue.Say("This holds at once.", "Esto vale desde ahora.")
            : HoldsFrom.Heat(correction.HoldsFrom) is { } heat
                ? heat == 1 ? tongue.Say("This holds from the first heat on.", "Esto vale desde la primera tanda.")
                    : tongue.Say(
                        $"This holds from heat {heat} on. Heats before it are judged, and stay scored, by {correction.Replaces}.",
                        $"Esto vale desde la tanda {heat}. Las tandas anteriores se juzgan, y quedan puntuadas, según "
                            + $"{correction.Replaces}."
                    )
            : tongue.Say(
                $"This holds from: {HoldsFrom.Words(correction.HoldsFrom)}.",
                $"Esto vale desde: {Author(correction.HoldsFrom, tongue)}."
            );
        var who =
            tongue.Say("It is for ", "Es para ")
            + (difference.Divisions.Count == 0 ? tongue.Say("everybody", "todos") : tongue.Join(difference.Divisions))
            + ".";
        var rows = difference.Changes.Select(c => new BriefRow([
            c.For ?? tongue.Say("everybody", "todos"),
            Touched(c.Touches, tongue),
            c.What,
            c.Before.Length == 0 ? tongue.Say("not there", "no estaba") : c.Before,
            c.Now.Length == 0 ? tongue.Say("gone", "ya no está") : c.Now,
        ]));
        var blocks = new List<BriefBlock> { new BriefBlock.Paragraph($"{from} {who}") };
        if (correction.Note.Length > 0)
        {
            blocks.Add(new BriefBlock.Paragraph(Author(correction.Note, tongue)));
        }

        blocks.Add(
            difference.Changes.Count == 0
                ? new BriefBlock.Paragraph(tongue.Say("Nothing that is printed differs.", "Nada de lo impreso es distinto."))
                : new BriefBlock.Table(
                    null,
                    [
                        tongue.Say("For", "Para"),
                        tongue.Say("Touches", "Afecta a"),
                        tongue.Say("What", "Qué"),
                        tongue.Say("Was", "Era"),
                        tongue.Say("Is", "Es"),
                    ],
                    rows.ToEq()
                )
        );
        blocks.Add(
            new BriefBlock.Paragraph(
                tongue.Say(
                    "All else stays as it was. Where this sheet and an older paper differ, this sheet holds.",
                    "Todo lo demás sigue igual. Donde esta hoja y un papel anterior difieran, vale esta hoja."
                )
            )
        );
        return blocks.ToEq();
    }

    /// <summary>What somebody wrote stands in quotation marks on a Spanish paper.</summary>
    private static string Author(string text, Tongue tongue) => tongue.IsSpanish ? $"«{text}»" : text;

    private static string Touched(Touches touches, Tongue tongue) =>
        touches switch
        {
            Touches.Reps => tongue.Say("work", "trabajo"),
            Touches.Loads => tongue.Say("loads", "cargas"),
            Touches.Clock => tongue.Say("clock", "reloj"),
            Touches.Standard => tongue.Say("standard", "criterio"),
            Touches.Scoring => tongue.Say("scoring", "puntuación"),
            _ => tongue.Say("words only", "solo texto"),
        };
}
