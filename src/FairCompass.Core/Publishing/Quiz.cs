using System.Security.Cryptography;
using System.Text;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Publishing;

/// <summary>A question out of a fault table.</summary>
/// <param name="Movement">The movement.</param>
/// <param name="Sign">What is seen, heard, or read.</param>
/// <param name="Calls">The calls to choose from; one is right.</param>
public sealed record QuizQuestion(Said Movement, Said Sign, Eq<Said> Calls);

/// <summary>Three questions that a judge answers before confirming: what is seen, and what is called.</summary>
public static class Quiz
{
    /// <summary>How many questions are asked, when the fault table is long enough.</summary>
    public const int Length = 3;

    /// <summary>The questions for a reader. The same reader of the same version is asked the same.</summary>
    /// <param name="u">The published version.</param>
    /// <param name="name">The reader.</param>
    /// <returns>The questions, and the index of the right call of each.</returns>
    public static (Eq<QuizQuestion> Questions, Eq<int> Right) For(Understanding u, string name)
    {
        var book = StandardsBook.Of(u.Competition);
        var faults = WorkoutWords
            .Movements(u.Workout)
            .Select(m => book.Find(m.Name))
            .OfType<Movement>()
            .DistinctBy(m => m.Id)
            .Select(m => book.InForce(m, null, u.Workout))
            .SelectMany(m => m.Faults.Select(f => (m, f)))
            .ToList();
        var calls = faults.Select(x => x.f.Call).DistinctBy(c => c.English).ToList();
        var asked = faults
            .DistinctBy(x => x.f.Sign.English)
            .OrderBy(x => Mixed(name, x.f.Sign.English), StringComparer.Ordinal)
            .DistinctBy(x => x.f.Call.English)
            .Take(Length)
            .ToList();
        var questions = asked
            .Select(x =>
            {
                // A call that would be right as well is no wrong answer.
                var right = faults.Where(o => o.f.Sign.English == x.f.Sign.English).Select(o => o.f.Call.English).ToHashSet();
                var others = calls
                    .Where(c => !right.Contains(c.English))
                    .OrderBy(c => Mixed(name + x.f.Id, c.English), StringComparer.Ordinal)
                    .Take(3);
                var options = others.Append(x.f.Call).OrderBy(c => Mixed(x.f.Id + name, c.English), StringComparer.Ordinal).ToList();
                return (
                    Question: new QuizQuestion(x.m.Name, x.f.Sign, options.ToEq()),
                    Right: options.FindIndex(c => c.English == x.f.Call.English)
                );
            })
            .ToList();
        return (questions.Select(q => q.Question).ToEq(), questions.Select(q => q.Right).ToEq());
    }

    private static string Mixed(string seed, string text) =>
        Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(seed + "\n" + text)));
}
