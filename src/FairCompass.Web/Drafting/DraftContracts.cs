using System.Text.Json;
using FairCompass.Core.Commands;
using FairCompass.Core.Competitions;
using FairCompass.Core.Explaining;
using FairCompass.Core.Notation;

namespace FairCompass.Web.Drafting;

/// <summary>A stored draft.</summary>
/// <param name="Id">Its id.</param>
/// <param name="CompetitionId">Its competition.</param>
/// <param name="Revision">The revision to save over.</param>
/// <param name="SavedAt">When it was saved, UTC.</param>
/// <param name="Body">The text.</param>
public sealed record StoredDraft(Guid Id, Guid CompetitionId, int Revision, DateTime SavedAt, string Body);

/// <summary>Adds a draft.</summary>
/// <param name="Body">Its text; may be empty.</param>
public sealed record NewDraft(string Body);

/// <summary>Saves a draft.</summary>
/// <param name="BaseRevision">The revision the edit began from.</param>
/// <param name="SaveId">Chosen by the client, so that a retry finds its own save.</param>
/// <param name="Body">The text.</param>
public sealed record SaveDraft(int BaseRevision, Guid SaveId, string Body);

/// <summary>Removes a draft or brings it back.</summary>
/// <param name="Removed">True removes.</param>
public sealed record RemoveDraft(bool Removed);

/// <summary>Explains a draft as it is typed.</summary>
/// <param name="Doc">The client's count of changes, sent back so that older answers can be dropped.</param>
/// <param name="Body">The text.</param>
/// <param name="Rows">Rows of each ledger table, 1 to 1000.</param>
public sealed record ExplainDraft(long Doc, string Body, int Rows = Explainer.UsualRows);

/// <summary>The answer to a keystroke.</summary>
public sealed record DraftExplained(long Doc, Explanation Explanation);

/// <summary>Explains without anything stored.</summary>
/// <param name="Competition">The competition.</param>
/// <param name="Text">The draft text; or null when <paramref name="Workout"/> is given.</param>
/// <param name="Workout">The workout as JSON; it is printed as text first, so there is one way in.</param>
/// <param name="Rows">Rows of each ledger table, 1 to 1000.</param>
public sealed record ExplainRequest(
    Competition Competition,
    string? Text = null,
    JsonElement? Workout = null,
    int Rows = Explainer.UsualRows
);

/// <summary>Sets a cell of the prescription table of a draft.</summary>
/// <param name="Body">The draft as it stands.</param>
/// <param name="Line">The task's line.</param>
/// <param name="Aspect"><c>load</c> or <c>amount</c>.</param>
/// <param name="Division">The cell's division.</param>
/// <param name="Duty">The cell's duty.</param>
/// <param name="Value">A number, or both as <c>62.5/42.5</c>.</param>
public sealed record SetCellRequest(string Body, int Line, string Aspect, string Division, string Duty, string Value);

/// <summary>The smallest change of the text that does what was asked.</summary>
public sealed record CellSet(TextEdit Edit);

/// <summary>Asks for the edits of a text.</summary>
/// <param name="Body">The text, to which the lines of the command belong.</param>
/// <param name="Command">What is to be done.</param>
public sealed record EditDraft(string Body, Command Command);

/// <summary>Carries out a command on a stored draft.</summary>
/// <param name="BaseRevision">The revision to which the lines of the command belong.</param>
/// <param name="SaveId">Chosen by the client, so that a retry finds its own save.</param>
/// <param name="Command">What is to be done.</param>
public sealed record EditStoredDraft(int BaseRevision, Guid SaveId, Command Command);
