using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    private bool Scoring(int i) => Score(i) || Tie(i) || Unfinished(i) || (s[i].Is("penalty") && Penalty(i));

    /// <summary>The score of a label; the only one where none is said.</summary>
    private ScoreItem ScoreOf(string label)
    {
        var found = scores.Find(x => x.Label == label);
        if (found is null)
        {
            found = new() { Label = label };
            scores.Add(found);
        }

        return found;
    }

    /// <summary>A letter or number that names a score or part, at a place; empty for none.</summary>
    private string LabelAt(int at) =>
        At(at) is { } p && p.Word is "a" or "b" or "c" or "d" && parts.Exists(x => x.Label.Length > 0) ? s[at].Word.ToUpperInvariant()
        : At(at)?.Figure?.Count is { } n && n <= 3 && At(at + 1)?.IsMark(":=") == true ? ((char)('A' + n - 1)).ToString()
        : "";

    /// <summary><c>Score = total reps</c>, <c>Score B kg</c>, <c>Scoring: rounds and reps</c>.</summary>
    private bool Score(int i)
    {
        if (s[i].Is("weight") && s.FindLast(p => p.Figure?.Only is < 1 and > 0) is { } share)
        {
            scoreWeight = share.Figure!.First[0];
            TakeAll(s);
            return true;
        }

        if (s[i].Is("score") && ScoreBehind(i))
        {
            return true;
        }

        if (!s[i].Is("score") || s[i].Is("time") || (Previous(i) >= 0 && LabelAt(i + 1).Length == 0))
        {
            return false;
        }

        var label = LabelAt(i + 1);
        var score = ScoreOf(label);
        Take(i, label.Length > 0 ? i + 1 : -1);
        score.Lines.Add(s[i].Line);
        var end = s.FindIndex(i + 1, p => p.Is("unfinished", "tie", "atCap", "penalty", "score") || p.IsMark("|;"));
        var said = s.Skip(i + 1).Take((end < 0 ? s.Count : end) - i - 1).Where(p => !p.Taken).ToList();
        score.Measure = MeasureOf(said, score);
        return true;
    }

    /// <summary>The score behind what is measured: <c>total reps is your score</c>.</summary>
    private bool ScoreBehind(int i)
    {
        var from = s.FindLastIndex(i, p => p.IsMark(",;(")) + 1;
        var said = s.Take(i).Skip(from).Where(p => !p.Taken && !IsLight(p)).ToList();
        if (Next(i) >= 0 || said.Count == 0 || said.Exists(p => p.Figure is not null || p.Sort == Sort.Time) || LabelAt(i + 1).Length > 0)
        {
            return false;
        }

        var score = ScoreOf("");
        if (score.Measure.Length > 0 || MeasureOf(said, score) is not { Length: > 0 } measure)
        {
            return false;
        }

        (score.Measure, _) = (measure, score.Lines.Add(s[i].Line));
        Take(i);
        return true;
    }

    private decimal? scoreWeight;

    /// <summary>What is measured, from the words that say it; empty where none does.</summary>
    private static string MeasureOf(List<Piece> said, ScoreItem score)
    {
        string? measure =
            said.Exists(p => p.Word is "lowest" or "worst" or "peor") && said.Exists(p => p.Is("rounds", "sets", "windows"))
                ? "lowest cycle"
            : said.Exists(p => p.Word is "best" or "mejor") && said.Exists(p => p.Is("rounds", "sets", "windows")) ? "best cycle"
            : said.Exists(p => p.Is("roundsAndReps")) || Together(said, "rounds") ? "rounds and reps"
            : said.Exists(p => p.Is("loadScore", "heaviest") || p.Unit is "kg" or "lb") ? "best load"
            : said.Exists(p => p.Is("points")) ? "points"
            : said.Exists(p => p.Is("calories") || (p.Unit == "cal" && !said.Exists(x => x.Is("reps") || x.Unit == "rep"))) ? "calories"
            : said.Exists(p => p.Unit == "s" || p.Is("asLong"))
            || said.Exists(p => p.Is("time") && said.Exists(h => h.Movement is { } m && IsHeld(m.Value)))
                ? "seconds"
            : said.Exists(p => p.Is("time", "forTime")) ? "time"
            : said.Exists(p => p.Is("reps") || p.Unit == "rep") ? "reps"
            : said.Exists(p => p.Movement is not null) ? "reps"
            : null;
        if (measure is null)
        {
            return "";
        }

        var movement = said.Find(p => p.Movement is not null);
        if (movement is not null && said.TakeWhile(p => p != movement).Any(p => p.Is("end")))
        {
            // What is done before it counts begins.
            score.NotCounted = movement.Movement!.Value;
        }
        else if (movement is not null && measure is "reps")
        {
            score.Only = movement.Movement!.Value;
        }

        TakeAll(said);
        return measure;
    }

    /// <summary>Rounds and reps with a word between that is no phrase: <c>rounds + reps</c>.</summary>
    private static bool Together(List<Piece> said, string key) =>
        said.Exists(p => p.Is(key)) && said.Exists(p => p.Unit == "rep" || p.Is("reps"));

    /// <summary>Tie-breaks: shared, a moment of the work, another score.</summary>
    private bool Tie(int i)
    {
        if (!s[i].Is("tie", "shared"))
        {
            return false;
        }

        var label = LabelAt(i + 1);
        var found = false;
        if (s[i].Is("shared"))
        {
            AddTie(label, "shared", i);
            found = true;
        }

        Take(i);
        for (var k = i + 1; k < s.Count; k++)
        {
            if (LabelAt(k) is { Length: > 0 } now && (At(k + 1)?.IsMark(",:=") == true || At(Next(k))?.Is("shared") == true || k == i + 1))
            {
                label = now;
                Take(k);
            }
            else if (TieAt(k, found) is { } says)
            {
                AddTie(label, says, k);
                found = true;
            }
        }

        if (found)
        {
            foreach (var p in s.Skip(i).Where(p => p.Is("end", "time", "of", "then") || p.IsMark("=;")))
            {
                p.Taken = true;
            }
        }
        else
        {
            s[i].Taken = false;
        }

        return found;
    }

    private void AddTie(string label, string says, int at)
    {
        var score = ScoreOf(label);
        score.Lines.Add(s[at].Line);
        if (!score.Under.Contains("tie: " + says))
        {
            score.Under.Add("tie: " + says);
        }
    }

    /// <summary>Where the movements stand after which a tie is told.</summary>
    private readonly Dictionary<string, SourceRange> tieAt = [];

    private string? TieAt(int k, bool already)
    {
        if (s[k].Taken)
        {
            return null;
        }

        if (s[k].Is("shared"))
        {
            Take(k);
            return "shared";
        }

        if (s[k].Is("lastFull"))
        {
            Take(k, At(k + 1)?.Is("rounds") == true ? k + 1 : -1);
            TakeAll(s.Skip(k).TakeWhile(p => !p.IsMark(".;")));
            return "time at the last full round";
        }

        if (s[k].Is("lastGate"))
        {
            Take(k);
            return "time at the last gate passed";
        }

        if (s[k].Is("rounds") && CountOf(At(Next(k))) is { } n)
        {
            Take(k, Next(k));
            return $"time at round {n}";
        }

        if (
            s[k].Is("rounds")
            && At(Next(k))?.Is("of") == true
            && At(Next(Next(k)))?.Figure?.Only is { } value
            && schemeValues.ToList().IndexOf(value) is >= 0 and var index
        )
        {
            Take(k, Next(k), Next(Next(k)));
            return $"time at round {index + 1}";
        }

        return TieAtPlace(k, already);
    }

    /// <summary>A tie-break at the end of something that the text names, or by another score.</summary>
    private string? TieAtPlace(int k, bool already)
    {
        if (EndOf(s[k].Word) is { } end)
        {
            Take(k);
            return end;
        }

        // “Second” without a number is the one behind the first.
        if (s[k].Word is "second" or "segund" && At(Next(k)) is { } thing && (thing.Is("rounds", "barbell") || thing.Word is "rung"))
        {
            Take(k, Next(k));
            return "time at round 2";
        }

        if (s[k].Word is "line" or "row" or "linea" && CountOf(At(Next(k))) is { } line && numbered.TryGetValue(line, out var task))
        {
            Take(k, Next(k));
            tieAt[task.Movement] = s[k].At;
            return "after:" + task.Movement;
        }

        if (!already && s[k].Movement is { } movement && s.Take(k).Any(p => p.Is("end", "time")))
        {
            Take(k);
            tieAt[movement.Value] = s[k].At;
            return "after:" + movement.Value;
        }

        if (
            At(k - 1) is { } before
            && (before.IsMark("=") || before.Word is "decide" or "decides" or "by" or "score")
            && LabelAt(k) is { Length: > 0 } other
        )
        {
            Take(k, k - 1);
            return "score " + other;
        }

        return null;
    }

    /// <summary>Who does not finish: by the reps done, by seconds for what is missing, or what another part then is.</summary>
    private bool Unfinished(int i)
    {
        if (!s[i].Is("unfinished", "atCap") && !(s[i].Is("not") && parts.Exists(p => p.Label.Length > 0) && At(i + 1) is { Word: "done" }))
        {
            return false;
        }

        var (part, other) = (
            LabelAt(i - 1) is { Length: > 0 } l ? l : LabelAt(i + 1),
            s.Skip(i + 1).Select((_, k) => LabelAt(i + 1 + k)).LastOrDefault(l => l.Length > 0) ?? ""
        );
        if (part.Length > 0 && other.Length > 0 && other != part)
        {
            var zero = s.Skip(i).Any(p => p.Figure?.Only == 0);
            ScoreOf(other).Under.Add($"{part} unfinished: {(zero ? "zero" : "not reached")}");
            TakeAll(s.Skip(Math.Max(0, i - 1)));
            return true;
        }

        if (Penalty(i))
        {
            return true;
        }

        var reps = s.FindIndex(i + 1, p => p.Unit is "rep" or "cal" || p.Is("reps"));
        reps = reps < 0 && s[i].Is("atCap") ? s.FindIndex(0, i, p => p.Unit == "rep" || p.Is("reps")) : reps;
        if (reps < 0)
        {
            return false;
        }

        ScoreOf(LastLabel()).Under.Add("unfinished: cap line by " + (s[reps].Unit == "cal" ? "calories" : "reps"));
        TakeAll(s.Skip(Math.Min(i, reps)).TakeWhile(p => !p.Is("tie") && !p.IsMark(";")));
        return true;
    }

    private string LastLabel() =>
        scores.Count > 0 ? scores[^1].Label
        : parts.Exists(p => p.Label == "A") ? "A"
        : "";

    /// <summary><c>+ 1 s per missing rep</c>: the cap, and some seconds for each rep that was not done.</summary>
    private bool Penalty(int i)
    {
        var seconds = s.FindIndex(p => p is { Sort: Sort.Time, Taken: false, Ms: > 0 and <= 60_000 });
        var one =
            seconds >= 0
                ? -1
                : s.FindIndex(p =>
                    (p.Figure?.Only is > 0 and <= 60 || CountOf(p) is not null)
                    && !p.Taken
                    && s.Skip(s.IndexOf(p) + 1).Take(2).Any(x => x.Unit == "s")
                );
        var missing = s.FindIndex(p => p.Is("penalty")) is >= 0 and var phrase
            ? phrase
            : s.FindIndex(Math.Max(seconds, Math.Max(one, 0)), p => p.Unit == "rep");
        if ((seconds < 0 && one < 0) || missing < 0)
        {
            return false;
        }

        var ms = seconds >= 0 ? s[seconds].Ms : 1000L * (s[one].Figure is { } f ? (long)f.First[0] : CountOf(s[one])!.Value);
        var score = ScoreOf(LastLabel());
        score.Lines.Add(s[i].Line);
        score.Under.Add($"unfinished: +{Times.Written(ms)} for each missing rep");
        // The cap may be named once more.
        foreach (var p in s.Where(p => p.Sort == Sort.Time && p.Ms > 60_000 && !p.Taken))
        {
            capsAgain.Add((Part, p.Ms, p.At));
        }

        TakeAll(
            s.Where(p =>
                p.Is("unfinished", "atCap", "cap", "penalty", "eachMember", "every", "time", "end")
                || p.Unit is "rep" or "s" or "min"
                || p.Sort == Sort.Time
                || p.IsMark("+/=")
            )
        );
        Take(one);
        TakeAll(s.Skip(Math.Min(i, missing)).TakeWhile(p => !p.Is("tie") && !p.IsMark(";")));
        return true;
    }

    private readonly List<(Part Part, long Ms, SourceRange At)> capsAgain = [];
}
