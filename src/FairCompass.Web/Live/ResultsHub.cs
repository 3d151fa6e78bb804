using Microsoft.AspNetCore.SignalR;

namespace FairCompass.Web.Live;

/// <summary>What a page that follows results is told.</summary>
public interface IResultsPage
{
    /// <summary>What has changed.</summary>
    Task Changed(ResultsChange change);
}

/// <summary>Pages that follow the results of a competition: each stands in the group of the competition that its address names.</summary>
public sealed class ResultsHub : Hub<IResultsPage>
{
    /// <summary>Pages that may follow at once; a hall has some hundreds.</summary>
    private const int Most = 4000;

    /// <summary>How long a page follows on one connection. It then opens another one, and whoever may no longer read is turned away.</summary>
    private static readonly TimeSpan Longest = TimeSpan.FromMinutes(15);

    private static int open;

    /// <summary>The group of a competition.</summary>
    public static string Group(Guid competition) => competition.ToString("N");

    /// <inheritdoc/>
    public override async Task OnConnectedAsync()
    {
        var id = Context.GetHttpContext()?.Request.RouteValues["id"] as string;
        if (Interlocked.Increment(ref open) > Most || !Guid.TryParse(id, out var competition))
        {
            Context.Abort();
            return;
        }

        await Groups.AddToGroupAsync(Context.ConnectionId, Group(competition));
        _ = End(Context);
        await base.OnConnectedAsync();
    }

    /// <inheritdoc/>
    public override Task OnDisconnectedAsync(Exception? exception)
    {
        Interlocked.Decrement(ref open);
        return base.OnDisconnectedAsync(exception);
    }

    private static async Task End(HubCallerContext connection)
    {
        await Task.Delay(Longest, connection.ConnectionAborted).ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
        connection.Abort();
    }
}
