export declare const browserLaunch: { executablePath: string; args: string[] };
