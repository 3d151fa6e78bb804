namespace FairCompass.Core.Interviewing;

/// <summary>The order in which topics are asked, so that an answer never reopens an earlier one: what is counted, how it is scored,
/// who does
/// what, the edges of the clock, what is measured and filmed, and what holds for the competition once.</summary>
public static class QuestionOrder
{
    private static readonly string[] Topics =
    [
        "counting",
        "partial distance",
        "uncounted moves",
        "capped score",
        "tie-break",
        "last rung",
        "score weights",
        "first load",
        "going down",
        "team order",
        "mixed heights",
        "box turned by",
        "hand tag",
        "short of the least",
        "hold comes down",
        "hold taken over",
        "hold changes",
        "lift up",
        "spotting",
        "moving kit",
        "plates",
        "change of load",
        "own rest",
        "judges",
        "bell",
        "bell for lifts",
        "gate on the second",
        "measuring",
        "video",
        "video cuts",
        "video monitor",
        "video attempts",
        "video deadline",
        "doubtful rep",
        "what breaks",
        "false start",
        "before go",
        "other documents",
    ];

    /// <summary>The place of a topic, from 0; the last for one that is not in the list.</summary>
    /// <param name="topic">Its name.</param>
    public static int Of(string topic) => Array.IndexOf(Topics, topic) is var at && at >= 0 ? at : Topics.Length;
}
