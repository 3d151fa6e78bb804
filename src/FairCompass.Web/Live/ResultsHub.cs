using Microsoft.AspNetCore.SignalR;

namespace FairCompass.Web.Live;

/// <summary>What a page that follows results is told.</summary>
public interface IResultsPage
{
    /// <summary>What has changed.</summary>
    Task Changed(ResultsChange change);
}

/// <summary>Pages that follow the results of a competition: each stands in the group of the competition that its address names.</summary>
/// <param name="changes">Told that somebody looks, so that the first change is told as what it is and not as everything.</param>
public sealed class ResultsHub(Changes changes) : Hub<IResultsPage>
{
    /// <summary>Pages that may follow at once; a hall has some hundreds.</summary>
    private const int Most = 4000;

    /// <summary>How long a page follows on one connection. It then opens another one, and whoever may no longer read is turned
    /// away.</summary>
    private static readonly TimeSpan Longest = TimeSpan.FromMinutes(15);

    private const string Following = "following";

    /// <summary>The group of a competition.</summary>
    public static string Group(Guid competition) => competition.ToString("N");

    /// <inheritdoc/>
    public override async Task OnConnectedAsync()
    {
        if (changes.Lookers >= Most || Competition is not { } competition)
        {
            Context.Abort();
            return;
        }

        await Groups.AddToGroupAsync(Context.ConnectionId, Group(competition));
        Context.Items[Following] = true;
        changes.Come(competition);
        _ = End(Context);
        await base.OnConnectedAsync();
    }

    /// <inheritdoc/>
    public override Task OnDisconnectedAsync(Exception? exception)
    {
        if (Context.Items.ContainsKey(Following) && Competition is { } competition)
        {
            changes.Leave(competition);
        }

        return base.OnDisconnectedAsync(exception);
    }

    private Guid? Competition => Guid.TryParse(Context.GetHttpContext()?.Request.RouteValues["id"] as string, out var id) ? id : null;

    private static async Task End(HubCallerContext connection)
    {
        await Task.Delay(Longest, connection.ConnectionAborted).ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
        connection.Abort();
    }
}
