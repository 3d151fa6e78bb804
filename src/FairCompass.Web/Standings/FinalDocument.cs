using FairCompass.Core.Drafts;
using FairCompass.Core.Quantities;
using FairCompass.Outcomes.Tables;
using FairCompass.Planning;

namespace FairCompass.Web.Standings;

/// <summary>Results of a division as they are made final, with the code that stands on what is printed of them.</summary>
public static class FinalDocument
{
    /// <summary>The fact that makes them final; who and when is said by its store.</summary>
    /// <param name="snapshot">What they were computed from.</param>
    /// <param name="results">The results of it.</param>
    /// <param name="competition">The competition.</param>
    /// <param name="workout">The workout.</param>
    /// <param name="division">The division.</param>
    public static FinalFact Of(ResultSnapshot snapshot, ResultsOf results, Guid competition, Guid workout, string division)
    {
        var tables = results.Workouts.First(w => w.Workout == workout).Tables.Where(t => t.Division == division).ToEq();
        // What is hashed names what it is: the same tables made final once more are another document.
        var before = snapshot.Facts.Finals.Count(f => f.Workout == workout && f.Division == division);
        var text = $"fair-compass/results/1\n{competition}\n{workout}\n{division}\n{before}\n{PlanJson.Write(tables)}";
        return new(0, workout, division, Fingerprint.Of(text).Code, tables, "", null, default);
    }
}
