using FairCompass.Store;

namespace FairCompass.Web.Publishing;

/// <summary>Asks on a line of a published brief.</summary>
/// <param name="Line">The line it is about, as printed.</param>
/// <param name="Body">The question, 1 to 600 characters.</param>
/// <param name="Name">May be empty.</param>
/// <param name="Contact">May be empty; never shown in public.</param>
public sealed record AskOnLine(string Line, string Body, string Name, string Contact);

/// <summary>A question as everybody sees it: without contact.</summary>
public sealed record PublicQuestion(
    int Number,
    string Line,
    string Body,
    string AskedBy,
    DateTime At,
    string? Answer,
    int? RulingIn,
    DateTime? AnsweredAt
);

/// <summary>Answers a question, with a ruling or without.</summary>
/// <param name="Body">The answer, 1 to 1200 characters.</param>
/// <param name="Ruling">The clause that it becomes; null when the answer changes nothing.</param>
public sealed record AnswerQuestion(string Body, Ruling? Ruling);

/// <summary>A ruling: a clause that holds from now on.</summary>
/// <param name="Movement">The movement’s name.</param>
/// <param name="Text">The wording.</param>
/// <param name="HoldsFrom">From when, in words; may be empty.</param>
public sealed record Ruling(string Movement, string Text, string HoldsFrom);

/// <summary>An answered question that is like another.</summary>
public sealed record EarlierRuling(string Body, string Answer, int? RulingIn);

/// <summary>A question for the head judge, with what was ruled on similar ones before.</summary>
public sealed record QuestionToAnswer(AskedQuestion Question, IReadOnlyList<EarlierRuling> Similar);

/// <summary>Lets readers see a question before it is answered, or not.</summary>
/// <param name="Shown">True for seen.</param>
public sealed record ShowQuestion(bool Shown);

/// <summary>Confirms that a version was read and understood.</summary>
/// <param name="Name">1 to 80 characters.</param>
/// <param name="Judge">True for a judge.</param>
/// <param name="Answers">For a judge: the chosen call of each question, from 0; else empty.</param>
public sealed record ConfirmReading(string Name, bool Judge, IReadOnlyList<int> Answers);

/// <summary>Compares who has confirmed with a pasted list.</summary>
public sealed record CompareNames(int Number, string Pasted);
