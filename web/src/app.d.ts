declare global {
  namespace App {
    interface Error {
      message: string;
    }
    interface Locals {
      /** The organisation that the request acts for. */
      organisation: string;
    }
  }
}

export {};
